CREATE TABLE `card_address` (
	`token` text PRIMARY KEY NOT NULL,
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	FOREIGN KEY (`session_id`) REFERENCES `session`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `card_address_session` ON `card_address` (`session_id`);--> statement-breakpoint
CREATE TABLE `session` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`day` text NOT NULL,
	`time` text,
	`gym_id` text NOT NULL,
	`group_id` text,
	`content` text NOT NULL,
	`revision` integer DEFAULT 0 NOT NULL,
	`updated_at` integer NOT NULL,
	FOREIGN KEY (`gym_id`) REFERENCES `gym`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`group_id`) REFERENCES `training_group`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE INDEX `session_day_time` ON `session` (`day`,`time`);--> statement-breakpoint
CREATE INDEX `session_group_day` ON `session` (`group_id`,`day`);--> statement-breakpoint
CREATE TABLE `session_athlete` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`place` integer NOT NULL,
	`absent` integer DEFAULT false NOT NULL,
	PRIMARY KEY(`session_id`, `athlete_id`),
	FOREIGN KEY (`session_id`) REFERENCES `session`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `session_athlete_athlete` ON `session_athlete` (`athlete_id`);--> statement-breakpoint
CREATE TABLE `template` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`content` text NOT NULL
);
--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_warm_up` (
	`session_id` text NOT NULL,
	`athlete_id` text NOT NULL,
	`draft` text NOT NULL,
	`given` text,
	`revision` integer NOT NULL,
	`updated_at` integer NOT NULL,
	PRIMARY KEY(`session_id`, `athlete_id`),
	FOREIGN KEY (`session_id`) REFERENCES `session`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
-- Every warm-up of before becomes a session of its own with one athlete; its draft stays as it was.
INSERT INTO `session`("id", "name", "day", "time", "gym_id", "content", "revision", "updated_at")
SELECT w.`id`, a.`name`, w.`day`, NULL, w.`gym_id`,
  json_object(
    'lifts', (SELECT json_group_array(json_object('lift', json_extract(l.value, '$.lift'), 'scheme', NULL, 'pairedWithNext', json('false')))
      FROM json_each(CASE
        WHEN json_valid(w.`draft`) AND json_type(w.`draft`, '$.lifts') = 'array' THEN json_extract(w.`draft`, '$.lifts')
        WHEN json_valid(w.`draft`) AND json_type(w.`draft`, '$.lift') = 'text' THEN json_array(json_object('lift', json_extract(w.`draft`, '$.lift')))
        ELSE '[{"lift":"back-squat"}]' END) l),
    'minutes', CASE WHEN json_valid(w.`draft`) THEN coalesce(json_extract(w.`draft`, '$.minutes'), 15) ELSE 15 END,
    'approach', CASE WHEN json_valid(w.`draft`) THEN coalesce(json_extract(w.`draft`, '$.approach'), 'temperature-first') ELSE 'temperature-first' END,
    'room', CASE WHEN json_valid(w.`draft`) THEN coalesce(json_extract(w.`draft`, '$.room'), 'normal') ELSE 'normal' END,
    'together', json('false'), 'own', json('[]'), 'dropped', json('[]')),
  0, w.`updated_at`
FROM `warm_up` w JOIN `athlete` a ON a.`id` = w.`athlete_id`;--> statement-breakpoint
INSERT INTO `session_athlete`("session_id", "athlete_id", "place", "absent") SELECT `id`, `athlete_id`, 0, false FROM `warm_up`;--> statement-breakpoint
INSERT INTO `__new_warm_up`("session_id", "athlete_id", "draft", "given", "revision", "updated_at") SELECT "id", "athlete_id", "draft", NULL, "revision", "updated_at" FROM `warm_up`;--> statement-breakpoint
DROP TABLE `warm_up`;--> statement-breakpoint
ALTER TABLE `__new_warm_up` RENAME TO `warm_up`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE TABLE `__new_working_weight` (
	`athlete_id` text NOT NULL,
	`lift` text NOT NULL,
	`day` text NOT NULL,
	`kind` text DEFAULT 'working' NOT NULL,
	`weight` integer NOT NULL,
	`reps` integer NOT NULL,
	`sets` integer NOT NULL,
	`rir` integer NOT NULL,
	`source` text DEFAULT 'coach' NOT NULL,
	PRIMARY KEY(`athlete_id`, `lift`, `day`, `kind`),
	FOREIGN KEY (`athlete_id`) REFERENCES `athlete`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
INSERT INTO `__new_working_weight`("athlete_id", "lift", "day", "weight", "reps", "sets", "rir") SELECT "athlete_id", "lift", "day", "weight", "reps", "sets", "rir" FROM `working_weight`;--> statement-breakpoint
DROP TABLE `working_weight`;--> statement-breakpoint
ALTER TABLE `__new_working_weight` RENAME TO `working_weight`;--> statement-breakpoint
ALTER TABLE `athlete` ADD `own_bar` text;--> statement-breakpoint
ALTER TABLE `athlete` ADD `cannot_use` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `athlete` ADD `approach` text;--> statement-breakpoint
ALTER TABLE `athlete` ADD `ramp_style` text;--> statement-breakpoint
ALTER TABLE `gym` ADD `other_bars` text DEFAULT '[]' NOT NULL;--> statement-breakpoint
ALTER TABLE `gym` ADD `place` integer DEFAULT 0 NOT NULL;