CREATE TABLE `heartbeat` (
	`id` integer PRIMARY KEY NOT NULL,
	`at` integer NOT NULL
);
