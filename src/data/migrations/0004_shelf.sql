CREATE TABLE `shelf_entries` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`lesson` text NOT NULL,
	`revision` integer NOT NULL,
	`way` integer NOT NULL,
	`title_key` text NOT NULL,
	`class_key` text NOT NULL,
	`labels` text NOT NULL,
	`fault` text,
	`entry` text
);
--> statement-breakpoint
CREATE UNIQUE INDEX `entry_of_lesson` ON `shelf_entries` (`lesson`);--> statement-breakpoint
CREATE INDEX `lessons_on_shelf` ON `lessons` (`id`,`revision`,`removed_at`,`changed_at`,`taught_at`);--> statement-breakpoint
CREATE VIRTUAL TABLE `shelf_finds` USING fts5(title, words, content='', contentless_delete=1, prefix='1 2 3', tokenize="unicode61 remove_diacritics 2");
