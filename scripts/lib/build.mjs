import { existsSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, run, runBin, stop } from "./run.mjs";

const INPUTS = [
  "src",
  "package-lock.json",
  "next.config.ts",
  "postcss.config.mjs",
  "tsconfig.json",
  "scripts/lib/build.mjs",
];
/**
 * Asks the browser to compile the whole of a script while it is fetched, beside the page; else each function is compiled when it
 * is first called, and the page stands still meanwhile: https://v8.dev/blog/explicit-compile-hints
 */
const COMPILE_BESIDE = "//# allFunctionsCalledOnLoad\n";

const CHUNKS = join(ROOT, ".next/static/chunks");

/** Builds the application and its paper room, unless they were built from these sources. */
export function buildApplication() {
  if (!run(process.execPath, [join(ROOT, "scripts/build-paper.mjs")])) process.exit(1);
  const stamp = join(ROOT, ".next/yellow-stair-inputs");
  const inputs = hashOf(INPUTS);
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === inputs) return;
  console.log("Building Yellow Stair…");
  if (!runBin("next", ["build"], { quiet: true }))
    stop("Yellow Stair could not be built; the reason stands above.");
  for (const script of readdirSync(CHUNKS)) {
    if (!script.endsWith(".js")) continue;
    const file = join(CHUNKS, script);
    writeFileSync(file, COMPILE_BESIDE + readFileSync(file, "utf8"));
  }
  writeFileSync(stamp, inputs);
}
