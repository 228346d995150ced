CREATE TABLE `class_exercises` (
	`class_id` text NOT NULL,
	`exercise_id` text NOT NULL,
	`revision` text NOT NULL,
	`items` integer NOT NULL,
	PRIMARY KEY(`class_id`, `exercise_id`, `revision`),
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `classes_by_exercise` ON `class_exercises` (`exercise_id`);--> statement-breakpoint
CREATE TABLE `preferences` (
	`id` integer PRIMARY KEY NOT NULL,
	`body` text NOT NULL,
	`saved_at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `exercises` ADD `original` text;--> statement-breakpoint
UPDATE `exercises` SET `original` = `revision` WHERE `origin` = 'built-in';
--> statement-breakpoint
INSERT OR IGNORE INTO `class_exercises` (`class_id`, `exercise_id`, `revision`, `items`)
SELECT c.`id`, json_extract(i.value, '$.exerciseId'), json_extract(i.value, '$.revision'), count(*)
FROM `classes` c, json_each(c.`plan`, '$.blocks') b, json_each(b.value, '$.items') i
GROUP BY 1, 2, 3;
