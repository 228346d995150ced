CREATE TABLE `ladder_notes` (
	`id` text PRIMARY KEY NOT NULL,
	`student_id` text NOT NULL,
	`date` text NOT NULL,
	`body` text NOT NULL,
	`taken_at` text NOT NULL,
	`removed_at` text,
	FOREIGN KEY (`student_id`) REFERENCES `students`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `notes_of_student` ON `ladder_notes` (`student_id`,`removed_at`,`date`);