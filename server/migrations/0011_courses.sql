CREATE TABLE `course_classes` (
	`course_id` text NOT NULL,
	`key` text NOT NULL,
	`class_id` text NOT NULL,
	`made_version` integer NOT NULL,
	PRIMARY KEY(`course_id`, `key`),
	FOREIGN KEY (`course_id`) REFERENCES `courses`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `course_of_class` ON `course_classes` (`class_id`);--> statement-breakpoint
CREATE TABLE `courses` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`title` text NOT NULL,
	`group_id` text,
	`archived` integer NOT NULL,
	`body` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `courses_in_order` ON `courses` (`archived`,`updated_at`);