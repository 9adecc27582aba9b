ALTER TABLE `gym` ADD `dumbbells` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `gym` ADD `sledge_weight` integer;--> statement-breakpoint
ALTER TABLE `gym` ADD `stack` text;--> statement-breakpoint
ALTER TABLE `gym` ADD `help` text DEFAULT '[]' NOT NULL;