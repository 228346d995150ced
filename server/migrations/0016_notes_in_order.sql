DROP INDEX `notes_of_student`;--> statement-breakpoint
CREATE INDEX `notes_of_student` ON `ladder_notes` (`student_id`,`removed_at`,`date`,`taken_at`);