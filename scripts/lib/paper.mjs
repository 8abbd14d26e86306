import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { hashOf } from "./hash.mjs";
import { ROOT, stop } from "./run.mjs";

/** The sources of paper and pictures, and what builds them. */
const INPUTS = ["src/core", "src/view", "src/kit", "src/paper", "package-lock.json", "scripts/lib/paper.mjs"];
const OUT = join(ROOT, "dist/paper");

/** Where the built paper room is. */
export const PAPER_ROOM = join(OUT, "room.mjs");

/**
 * Builds the paper room, unless it was built from these sources: drawings, their layout and the formats they are
 * written in, as one module for Node. The server gives it a thread of its own; the command line calls it directly.
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
