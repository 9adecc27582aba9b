CREATE TABLE `follow_up` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`about` text NOT NULL,
	`moment` text NOT NULL,
	`feels` text NOT NULL,
	`level` integer NOT NULL,
	`by` text NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`session_id`, `athlete_id`, `about`, `moment`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `follow_up_athlete` ON `follow_up` (`athlete_id`);--> statement-breakpoint
CREATE TABLE `test_result` (
	`id` text PRIMARY KEY NOT NULL,
	`athlete_id` text NOT NULL,
	`test` text NOT NULL,
	`day` text NOT NULL,
	`moment` text NOT NULL,
	`value` text NOT NULL,
	`signs` text DEFAULT '[]' NOT NULL,
	`session_id` text,
	`at` integer NOT NULL,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `test_result_athlete_test_day` ON `test_result` (`athlete_id`,`test`,`day`);--> statement-breakpoint
CREATE TABLE `trial` (
	`id` text PRIMARY KEY NOT NULL,
	`athlete_id` text NOT NULL,
	`test` text NOT NULL,
	`drill` text,
	`seconds` integer NOT NULL,
	`day` text NOT NULL,
	`before` text NOT NULL,
	`after` text NOT NULL,
	`at` integer NOT NULL,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `trial_athlete_day` ON `trial` (`athlete_id`,`day`);--> statement-breakpoint
ALTER TABLE `athlete` ADD `uses_responses` integer DEFAULT true NOT NULL;