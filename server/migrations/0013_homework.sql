CREATE TABLE `homework` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`student_id` text,
	`group_id` text,
	`from_date` text NOT NULL,
	`to_date` text NOT NULL,
	`archived` integer NOT NULL,
	`body` text NOT NULL,
	`updated_at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `homework_in_order` ON `homework` (`archived`,`to_date`,`id`);--> statement-breakpoint
CREATE INDEX `homework_of_student` ON `homework` (`student_id`,`to_date`);--> statement-breakpoint
CREATE INDEX `homework_by_dates` ON `homework` (`archived`,`from_date`,`to_date`);