CREATE TABLE `protocols` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `run_answers` (
	`run_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	`answer` text NOT NULL,
	`place` integer NOT NULL,
	PRIMARY KEY(`run_id`, `exercise_id`),
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
ALTER TABLE `runs` ADD `group_id` text;--> statement-breakpoint
CREATE INDEX `runs_of_group` ON `runs` (`group_id`,`removed_at`,`started_at`);--> statement-breakpoint
UPDATE `runs` SET `group_id` = json_extract(`plan`, '$.brief.groupId') WHERE json_valid(`plan`);
