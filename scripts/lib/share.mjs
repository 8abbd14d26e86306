import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./run.mjs";

const isCode = (path) => /\.(ts|tsx|mjs|cjs|css)$/.test(path) && !path.includes("migrations/");
const isTest = (path) => /\.(test|spec)\.tsx?$/.test(path) || path.startsWith("tests/");

/** Counts the lines of code, and those of them that are tests. */
export function shareOfTests() {
  const listed = execFileSync("git", ["ls-files", "--cached", "--others", "--exclude-standard"], {
    cwd: ROOT,
    encoding: "utf8",
  });
  const files = listed.split("\n").filter(isCode);
  const lines = (paths) =>
    paths.reduce((sum, path) => sum + readFileSync(join(ROOT, path), "utf8").split("\n").length - 1, 0);
  return { tests: lines(files.filter(isTest)), all: lines(files) };
}
