import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";

/** A lesson file of the project, by its name. */
export type ProjectFile = { readonly file: string; readonly text: string };

/** The lesson files of a folder of the project, in the order of their numbers. */
export function filesIn(folder: string): ProjectFile[] {
  const path = join(process.cwd(), folder);
  return readdirSync(path)
    .filter((file) => file.endsWith(".json"))
    .sort((a, b) => a.localeCompare(b, "en", { numeric: true }))
    .map((file) => ({ file, text: readFileSync(join(path, file), "utf8") }));
}

/** The demo lessons, as their files hold them. */
export const demoFiles = (): ProjectFile[] => filesIn("demo");
