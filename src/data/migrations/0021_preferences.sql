CREATE TABLE `preference` (
	`drill` text NOT NULL,
	`kind` text NOT NULL,
	`scope` text NOT NULL,
	`scope_id` text NOT NULL,
	`counts` integer NOT NULL,
	`at` integer NOT NULL,
	PRIMARY KEY(`drill`, `kind`, `scope`, `scope_id`)
);
