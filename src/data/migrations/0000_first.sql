CREATE TABLE `athlete` (
	`id` text PRIMARY KEY NOT NULL,
	`group_id` text NOT NULL,
	`name` text NOT NULL,
	`unit` text NOT NULL,
	`body_weight` integer,
	`birth_year` integer,
	`experience` text NOT NULL,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`group_id`) REFERENCES `training_group`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `athlete_area` (
	`athlete_id` text NOT NULL,
	`area` text NOT NULL,
	`level` text NOT NULL,
	PRIMARY KEY(`athlete_id`, `area`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `athlete_limiter` (
	`athlete_id` text NOT NULL,
	`demand` text NOT NULL,
	`place` integer NOT NULL,
	PRIMARY KEY(`athlete_id`, `demand`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `gym` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`unit` text NOT NULL,
	`bar_name` text NOT NULL,
	`bar_weight` integer NOT NULL,
	`collar_weight` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `gym_equipment` (
	`gym_id` text NOT NULL,
	`equipment` text NOT NULL,
	PRIMARY KEY(`gym_id`, `equipment`),
	FOREIGN KEY (`gym_id`) REFERENCES `gym`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `plate` (
	`gym_id` text NOT NULL,
	`weight` integer NOT NULL,
	`pairs` integer NOT NULL,
	`full_diameter` integer NOT NULL,
	`colour` text NOT NULL,
	`diameter_mm` integer NOT NULL,
	`thickness_mm` integer NOT NULL,
	PRIMARY KEY(`gym_id`, `weight`),
	FOREIGN KEY (`gym_id`) REFERENCES `gym`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `training_group` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`place` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `warm_up` (
	`id` text PRIMARY KEY NOT NULL,
	`athlete_id` text NOT NULL,
	`gym_id` text NOT NULL,
	`day` text NOT NULL,
	`draft` text NOT NULL,
	`revision` integer NOT NULL,
	`updated_at` integer NOT NULL,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`gym_id`) REFERENCES `gym`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `warm_up_athlete_day` ON `warm_up` (`athlete_id`,`day`);--> statement-breakpoint
CREATE TABLE `working_weight` (
	`athlete_id` text NOT NULL,
	`lift` text NOT NULL,
	`day` text NOT NULL,
	`weight` integer NOT NULL,
	`reps` integer NOT NULL,
	`sets` integer NOT NULL,
	`rir` integer NOT NULL,
	PRIMARY KEY(`athlete_id`, `lift`, `day`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
