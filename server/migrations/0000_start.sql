CREATE TABLE `class_revisions` (
	`number` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`class_id` text NOT NULL,
	`version` integer NOT NULL,
	`kind` text NOT NULL,
	`plan` text NOT NULL,
	`saved_at` text NOT NULL,
	FOREIGN KEY (`class_id`) REFERENCES `classes`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `revisions_by_class` ON `class_revisions` (`class_id`,`number`);--> statement-breakpoint
CREATE TABLE `classes` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`plan` text NOT NULL,
	`title` text NOT NULL,
	`audience` text NOT NULL,
	`slot_seconds` integer NOT NULL,
	`planned_ms` integer NOT NULL,
	`item_count` integer NOT NULL,
	`outline` text NOT NULL,
	`updated_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE INDEX `classes_by_update` ON `classes` (`deleted_at`,`updated_at`);--> statement-breakpoint
CREATE TABLE `exercise_revisions` (
	`revision` text PRIMARY KEY NOT NULL,
	`exercise_id` text NOT NULL,
	`body` text NOT NULL,
	`created_at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `revisions_by_exercise` ON `exercise_revisions` (`exercise_id`);--> statement-breakpoint
CREATE TABLE `exercises` (
	`id` text PRIMARY KEY NOT NULL,
	`revision` text NOT NULL,
	`origin` text NOT NULL,
	`removed_at` text
);
--> statement-breakpoint
CREATE TABLE `saves` (
	`save_id` text PRIMARY KEY NOT NULL,
	`class_id` text NOT NULL,
	`version` integer,
	`kept_revision` integer,
	`at` text NOT NULL
);
