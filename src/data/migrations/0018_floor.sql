CREATE TABLE `floor_event` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`session_id` text NOT NULL,
	`athlete_id` text,
	`content` text NOT NULL,
	`at` integer NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `floor_event_id_unique` ON `floor_event` (`id`);--> statement-breakpoint
CREATE INDEX `floor_event_session_seq` ON `floor_event` (`session_id`,`seq`);--> statement-breakpoint
CREATE INDEX `floor_event_athlete` ON `floor_event` (`athlete_id`);--> statement-breakpoint
CREATE TABLE `floor_run` (
	`session_id` text PRIMARY KEY NOT NULL,
	`plan` text NOT NULL,
	`started_at` integer NOT NULL,
	`ended_at` integer
);
--> statement-breakpoint
CREATE INDEX `floor_run_ended_at` ON `floor_run` (`ended_at`);--> statement-breakpoint
CREATE TABLE `wall_address` (
	`token` text PRIMARY KEY NOT NULL,
	`session_id` text NOT NULL,
	`has_weights` integer DEFAULT true NOT NULL,
	`has_names` integer DEFAULT true NOT NULL,
	FOREIGN KEY (`session_id`) REFERENCES `session`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `wall_address_session_id_unique` ON `wall_address` (`session_id`);