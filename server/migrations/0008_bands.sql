CREATE TABLE `bands` (
	`id` text PRIMARY KEY NOT NULL,
	`version` integer NOT NULL,
	`name` text NOT NULL,
	`body` text NOT NULL
);
