CREATE TABLE `high_water` (
	`id` integer PRIMARY KEY NOT NULL,
	`revision` integer NOT NULL
);
--> statement-breakpoint
INSERT INTO `high_water` (`id`, `revision`) VALUES (1, 0);
--> statement-breakpoint
CREATE TRIGGER `athlete_gone` AFTER DELETE ON `athlete` BEGIN
	UPDATE `high_water` SET `revision` = max(`revision`, OLD.`revision`);
END;
--> statement-breakpoint
CREATE TRIGGER `session_gone` AFTER DELETE ON `session` BEGIN
	UPDATE `high_water` SET `revision` = max(`revision`, OLD.`revision`);
END;
--> statement-breakpoint
CREATE TRIGGER `gym_gone` AFTER DELETE ON `gym` BEGIN
	UPDATE `high_water` SET `revision` = max(`revision`, OLD.`revision`);
END;
--> statement-breakpoint
CREATE TRIGGER `own_content_gone` AFTER DELETE ON `own_content` BEGIN
	UPDATE `high_water` SET `revision` = max(`revision`, OLD.`revision`);
END;
--> statement-breakpoint
CREATE TRIGGER `warm_up_gone` AFTER DELETE ON `warm_up` BEGIN
	UPDATE `high_water` SET `revision` = max(`revision`, OLD.`revision`);
END;
