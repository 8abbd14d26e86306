import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, run, runBin, stop } from "./run.mjs";

const INPUTS = ["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

/** Builds the application and its paper room, unless they were built from these sources. */
export function buildApplication() {
  if (!run(process.execPath, [join(ROOT, "scripts/build-paper.mjs")])) process.exit(1);
  const stamp = join(ROOT, ".next/yellow-stair-inputs");
  const inputs = hashOf(INPUTS);
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === inputs) return;
  console.log("Building Yellow Stair…");
  if (!runBin("next", ["build"], { quiet: true }))
    stop("Yellow Stair could not be built; the reason stands above.");
  writeFileSync(stamp, inputs);
}
