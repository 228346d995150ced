CREATE TABLE `run_samples` (
	`run_id` text PRIMARY KEY NOT NULL,
	`events` integer NOT NULL,
	`sample` text NOT NULL,
	FOREIGN KEY (`run_id`) REFERENCES `runs`(`id`) ON UPDATE no action ON DELETE no action
);
