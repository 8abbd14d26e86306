import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, stop } from "./run.mjs";

/** What paper and pictures are made from, and what puts it together. */
const INPUTS = ["src/core", "src/view", "src/kit", "src/paper", "package-lock.json", "scripts/lib/paper.mjs"];
const OUT = join(ROOT, "dist/paper");

/** Where the room stands that makes pictures and paper, once it is built. */
export const PAPER_ROOM = join(OUT, "room.mjs");

/**
 * Puts the paper room together, unless it is of these sources: drawings, their layout and the formats they are written in, as one
 * module for Node. The server gives it a thread of its own; the command line calls it.
 */
export async function buildPaper() {
  const stamp = join(OUT, "inputs");
  const inputs = hashOf(INPUTS);
  if (existsSync(stamp) && readFileSync(stamp, "utf8") === inputs) return;
  const { build } = await import("vite");
  try {
    await build({
      configFile: false,
      root: ROOT,
      logLevel: "error",
      resolve: { alias: { "@": join(ROOT, "src") } },
      oxc: { jsx: { runtime: "automatic" } },
      build: {
        ssr: join(ROOT, "src/paper/room.ts"),
        outDir: OUT,
        emptyOutDir: true,
        minify: false,
        target: "node20",
        rolldownOptions: { output: { entryFileNames: "room.mjs", chunkFileNames: "[name]-[hash].mjs" } },
      },
    });
  } catch (reason) {
    stop(
      `The paper room of Yellow Stair could not be built. ${reason instanceof Error ? reason.message : reason}`,
    );
  }
  writeFileSync(stamp, inputs);
}
