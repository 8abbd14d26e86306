import { createHash } from "node:crypto";
import { readdirSync, readFileSync, statSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./run.mjs";

/** One hash of the contents of files, and of all files in folders. A path that is not there counts as empty. */
export function hashOf(paths) {
  const hash = createHash("sha256");
  for (const path of paths.flatMap(filesIn).sort()) {
    hash
      .update(path)
      .update("\0")
      .update(readFileSync(join(ROOT, path)))
      .update("\0");
  }
  return hash.digest("hex");
}

function filesIn(path) {
  const stat = statSync(join(ROOT, path), { throwIfNoEntry: false });
  if (!stat) return [];
  if (!stat.isDirectory()) return [path];
  return readdirSync(join(ROOT, path)).flatMap((name) => filesIn(join(path, name)));
}
