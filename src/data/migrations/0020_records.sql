CREATE TABLE `athlete_session` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`day` text NOT NULL,
	`name` text NOT NULL,
	`presence` text NOT NULL,
	`planned_seconds` integer NOT NULL,
	`ready_seconds` integer,
	`pains` text NOT NULL,
	`stopped` text NOT NULL,
	`notes` text NOT NULL,
	`ended_at` integer NOT NULL,
	PRIMARY KEY(`session_id`, `athlete_id`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `athlete_session_athlete_day` ON `athlete_session` (`athlete_id`,`day`);--> statement-breakpoint
CREATE INDEX `athlete_session_day` ON `athlete_session` (`day`);--> statement-breakpoint
CREATE TABLE `done_drill` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`place` integer NOT NULL,
	`day` text NOT NULL,
	`drill` text NOT NULL,
	`name` text NOT NULL,
	`phase` text NOT NULL,
	`is_done` integer NOT NULL,
	`instead_of` text,
	`planned_seconds` integer NOT NULL,
	`pace` real DEFAULT 1 NOT NULL,
	`real_seconds` integer,
	PRIMARY KEY(`session_id`, `athlete_id`, `place`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `done_drill_sums` ON `done_drill` (`athlete_id`,`day`,`is_done`,`phase`,`drill`,`planned_seconds`,`real_seconds`);--> statement-breakpoint
CREATE INDEX `done_drill_day` ON `done_drill` (`day`);--> statement-breakpoint
CREATE TABLE `done_set` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`place` integer NOT NULL,
	`day` text NOT NULL,
	`lift` text NOT NULL,
	`is_work` integer NOT NULL,
	`weight` integer NOT NULL,
	`unit` text NOT NULL,
	`reps` integer NOT NULL,
	`felt` text,
	`planned_seconds` integer NOT NULL,
	`real_seconds` integer,
	PRIMARY KEY(`session_id`, `athlete_id`, `place`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `done_set_athlete_lift_day` ON `done_set` (`athlete_id`,`lift`,`day`);--> statement-breakpoint
CREATE TABLE `preference` (
	`drill` text NOT NULL,
	`kind` text NOT NULL,
	`scope` text NOT NULL,
	`scope_id` text NOT NULL,
	`counts` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`drill`, `kind`, `scope`, `scope_id`)
);
