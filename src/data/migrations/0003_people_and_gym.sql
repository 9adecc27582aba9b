ALTER TABLE `athlete` ADD `archived` integer DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `athlete` ADD `revision` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `gym` ADD `revision` integer DEFAULT 0 NOT NULL;