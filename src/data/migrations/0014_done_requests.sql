CREATE TABLE `done_request` (
	`id` text PRIMARY KEY NOT NULL,
	`answer` text NOT NULL,
	`at` integer NOT NULL
);
