CREATE TABLE `plan` (
	`key` text PRIMARY KEY NOT NULL,
	`content` text NOT NULL,
	`made_at` integer NOT NULL
);
--> statement-breakpoint
CREATE INDEX `plan_made_at` ON `plan` (`made_at`);