import { readFileSync } from "node:fs";
import { join } from "node:path";

/** The page that describes lesson files. */
export const fileFormatPage = (): string =>
  readFileSync(join(process.cwd(), "docs", "file-format.md"), "utf8");
