ALTER TABLE `ladder_notes` ADD `kind` text DEFAULT '' NOT NULL;--> statement-breakpoint
UPDATE `ladder_notes` SET `kind` = coalesce(json_extract(`body`, '$.what.kind'), '') WHERE json_valid(`body`);--> statement-breakpoint
CREATE INDEX `notes_of_kind` ON `ladder_notes` (`student_id`,`kind`,`removed_at`);