CREATE TABLE `done_save` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL,
	`at` integer NOT NULL
);
