CREATE TABLE `deleted_students` (
	`id` text PRIMARY KEY NOT NULL,
	`deleted_at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `groups` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL,
	`archived` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `memberships` (
	`group_id` text NOT NULL,
	`student_id` text NOT NULL,
	PRIMARY KEY(`group_id`, `student_id`),
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `groups_of` ON `memberships` (`student_id`);--> statement-breakpoint
CREATE TABLE `readings` (
	`id` text PRIMARY KEY NOT NULL,
	`student_id` text NOT NULL,
	`protocol` text NOT NULL,
	`date` text NOT NULL,
	`body` text NOT NULL,
	`taken_at` text NOT NULL,
	`removed_at` text,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `readings_of_student` ON `readings` (`student_id`,`removed_at`,`date`);--> statement-breakpoint
CREATE INDEX `readings_of_check` ON `readings` (`protocol`,`removed_at`,`student_id`);--> statement-breakpoint
CREATE TABLE `students` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL,
	`archived` integer NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `students_by_name` ON `students` (`archived`,`name`);--> statement-breakpoint
CREATE TABLE `studio_noises` (
	`protocol` text PRIMARY KEY NOT NULL,
	`noise` real NOT NULL,
	`readings` integer NOT NULL
);
