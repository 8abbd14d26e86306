CREATE TABLE `lessons` (
	`id` text PRIMARY KEY NOT NULL,
	`document` text NOT NULL,
	`revision` integer DEFAULT 1 NOT NULL,
	`save_name` text,
	`created_at` integer DEFAULT (unixepoch() * 1000) NOT NULL,
	`changed_at` integer DEFAULT (unixepoch() * 1000) NOT NULL,
	`taught_at` integer,
	`removed_at` integer
);
