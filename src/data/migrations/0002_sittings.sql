CREATE TABLE `sittings` (
	`lesson` text NOT NULL,
	`for_class` text NOT NULL,
	`board` text NOT NULL,
	`climbed` integer NOT NULL,
	`whereabouts` text NOT NULL,
	`changed_at` integer NOT NULL,
	PRIMARY KEY(`lesson`, `for_class`)
);
