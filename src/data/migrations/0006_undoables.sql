CREATE TABLE `undoable` (
	`token` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`name` text NOT NULL,
	`content` text NOT NULL,
	`at` integer NOT NULL
);
