CREATE TABLE `cards` (
	`id` text PRIMARY KEY NOT NULL,
	`rule` text NOT NULL,
	`kept_at` integer DEFAULT (unixepoch() * 1000) NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cards_rule_unique` ON `cards` (`rule`);