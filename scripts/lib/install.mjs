import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, run, stop } from "./run.mjs";

/** Installs the locked packages, unless the ones installed are those of this lock file. */
export function installPackages() {
  const stamp = join(ROOT, "node_modules/.yellow-stair-lock");
  const lock = `${hashOf(["package.json", "package-lock.json", ".npmrc"])} node ${process.versions.modules}`;
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === lock) return;
  console.log("Installing the packages…");
  if (!run("npm", ["ci", "--no-audit", "--no-fund", "--loglevel=error"])) {
    stop(
      "The packages could not be installed. Check the connection to the npm registry, then run this again.",
    );
  }
  writeFileSync(stamp, lock);
}
