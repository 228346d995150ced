DROP INDEX `classes_by_update`;--> statement-breakpoint
CREATE INDEX `classes_in_order` ON `classes` (`deleted_at`,`updated_at`,`id`,`title`);--> statement-breakpoint
CREATE INDEX `classes_by_deletion` ON `classes` (`deleted_at`,`id`);--> statement-breakpoint
CREATE INDEX `classes_by_id` ON `classes` (`id`,`deleted_at`,`updated_at`);--> statement-breakpoint
DROP INDEX `runs_by_start`;--> statement-breakpoint
CREATE INDEX `runs_in_order` ON `runs` (`removed_at`,`started_at`,`id`,`title`);--> statement-breakpoint
CREATE INDEX `runs_by_removal` ON `runs` (`removed_at`,`id`);--> statement-breakpoint
CREATE INDEX `runs_by_id` ON `runs` (`id`,`removed_at`);--> statement-breakpoint
DROP INDEX `classes_by_exercise`;--> statement-breakpoint
CREATE INDEX `classes_by_exercise` ON `class_exercises` (`exercise_id`,`class_id`,`revision`,`items`);--> statement-breakpoint
DROP INDEX `revisions_by_class`;--> statement-breakpoint
CREATE INDEX `revisions_by_class` ON `class_revisions` (`class_id`,`number`,`kind`,`saved_at`);--> statement-breakpoint
ALTER TABLE `saves` ADD `content` text;--> statement-breakpoint
CREATE INDEX `saves_by_time` ON `saves` (`at`);