ALTER TABLE `athlete` ADD `wishes` text;--> statement-breakpoint
ALTER TABLE `gym` ADD `wishes` text;--> statement-breakpoint
ALTER TABLE `gym` ADD `settings` text;--> statement-breakpoint
ALTER TABLE `training_group` ADD `wishes` text;