DROP INDEX `runs_by_start`;--> statement-breakpoint
ALTER TABLE `runs` ADD `removed_at` text;--> statement-breakpoint
CREATE INDEX `runs_by_start` ON `runs` (`removed_at`,`started_at`);