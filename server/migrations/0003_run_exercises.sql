CREATE TABLE `run_exercises` (
	`run_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	PRIMARY KEY(`run_id`, `exercise_id`),
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `runs_by_exercise` ON `run_exercises` (`exercise_id`);--> statement-breakpoint
ALTER TABLE `runs` ADD `format` integer DEFAULT 0 NOT NULL;--> statement-breakpoint
INSERT OR IGNORE INTO `run_exercises` (`run_id`, `exercise_id`)
SELECT r.`id`, json_extract(i.value, '$.exerciseId')
FROM `runs` r, json_each(r.`plan`, '$.blocks') b, json_each(b.value, '$.items') i
GROUP BY 1, 2;
