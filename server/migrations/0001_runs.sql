CREATE TABLE `run_events` (
	`run_id` text NOT NULL,
	`device_id` text NOT NULL,
	`seq` integer NOT NULL,
	`at_ms` integer NOT NULL,
	`event` text NOT NULL,
	PRIMARY KEY(`run_id`, `device_id`, `seq`),
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE TABLE `runs` (
	`id` text PRIMARY KEY NOT NULL,
	`class_id` text NOT NULL,
	`version` integer NOT NULL,
	`plan` text NOT NULL,
	`title` text NOT NULL,
	`planned_ms` integer NOT NULL,
	`started_at` text NOT NULL,
	`headcount` integer,
	`note` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `runs_by_start` ON `runs` (`started_at`);