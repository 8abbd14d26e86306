DROP INDEX `lessons_on_shelf`;--> statement-breakpoint
CREATE TABLE `__new_shelf_entries` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`lesson` text NOT NULL,
	`revision` integer NOT NULL,
	`way` integer NOT NULL,
	`latest` integer NOT NULL,
	`removed_at` integer,
	`title_key` text NOT NULL,
	`class_key` text NOT NULL,
	`labels` text NOT NULL,
	`fault` text,
	`entry` text
);
--> statement-breakpoint
INSERT INTO `__new_shelf_entries`(`id`, `lesson`, `revision`, `way`, `latest`, `removed_at`, `title_key`, `class_key`, `labels`, `fault`, `entry`)
SELECT e.`id`, e.`lesson`, e.`revision`, iif(e.`revision` = l.`revision`, e.`way`, 0), max(l.`changed_at`, coalesce(l.`taught_at`, 0)), l.`removed_at`, e.`title_key`, e.`class_key`, e.`labels`, e.`fault`, e.`entry`
FROM `shelf_entries` e JOIN `lessons` l ON l.`id` = e.`lesson`;--> statement-breakpoint
DROP TABLE `shelf_entries`;--> statement-breakpoint
ALTER TABLE `__new_shelf_entries` RENAME TO `shelf_entries`;--> statement-breakpoint
CREATE UNIQUE INDEX `entry_of_lesson` ON `shelf_entries` (`lesson`);--> statement-breakpoint
CREATE INDEX `entries_by_way` ON `shelf_entries` (`way`);--> statement-breakpoint
CREATE INDEX `entries_on_shelf` ON `shelf_entries` (`removed_at`,`latest`,`title_key`,`class_key`,`labels`);--> statement-breakpoint
CREATE TRIGGER `entry_follows_lesson` AFTER UPDATE OF `revision`, `changed_at`, `taught_at`, `removed_at` ON `lessons` BEGIN
	UPDATE `shelf_entries` SET
		`way` = iif(`revision` = NEW.`revision`, `way`, 0),
		`latest` = max(NEW.`changed_at`, coalesce(NEW.`taught_at`, 0)),
		`removed_at` = NEW.`removed_at`
	WHERE `lesson` = NEW.`id`;
END;--> statement-breakpoint
CREATE TRIGGER `entry_goes_with_lesson` AFTER DELETE ON `lessons` BEGIN
	DELETE FROM `shelf_finds` WHERE rowid IN (SELECT `id` FROM `shelf_entries` WHERE `lesson` = OLD.`id`);
	DELETE FROM `shelf_entries` WHERE `lesson` = OLD.`id`;
END;
