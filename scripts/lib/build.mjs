import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, runBin, stop } from "./run.mjs";

const INPUTS = ["src", "package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

/** Builds the application, unless it was built from these sources. */
export function buildApplication() {
  const stamp = join(ROOT, ".next/yellow-stair-inputs");
  const inputs = hashOf(INPUTS);
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === inputs) return;
  console.log("Building Yellow Stair…");
  if (!runBin("next", ["build"], { quiet: true }))
    stop("Yellow Stair could not be built; the reason stands above.");
  writeFileSync(stamp, inputs);
}
