/** Writes what the documentation takes from the code: the table of moves in docs/file-format.md. */
import { readFileSync, writeFileSync } from "node:fs";
import { withMovesTable } from "./lib/moves-table.mjs";

const PAGE = new URL("../docs/file-format.md", import.meta.url);
writeFileSync(PAGE, withMovesTable(readFileSync(PAGE, "utf8")));
