ALTER TABLE `session` ADD `series_id` text;--> statement-breakpoint
ALTER TABLE `session` ADD `series_rule` text;--> statement-breakpoint
CREATE INDEX `session_series_day` ON `session` (`series_id`,`day`);