import { spawnSync } from "node:child_process";
import { accessSync, constants } from "node:fs";
import { delimiter, join } from "node:path";
import { run, stop } from "./run.mjs";

/** How Chromium is started for tests, measurements and pictures: it asks nothing of any other host. */
export const CHROMIUM_ARGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
  "--no-first-run",
];

/** Where Chromium is, by the search path. Undefined where there is none. */
export function findChromium() {
  for (const folder of (process.env.PATH ?? "").split(delimiter)) {
    const path = join(folder, "chromium");
    try {
      accessSync(path, constants.X_OK);
      return path;
    } catch {
      // Not in this folder.
    }
  }
  return undefined;
}

/** Chromium from Debian's packages, installed where there is none. */
export function installChromium() {
  const found = findChromium();
  if (found) return found;
  console.log("Installing Chromium from Debian's packages…");
  const root = process.getuid?.() === 0;
  const apt = (...args) =>
    run(root ? "apt-get" : "sudo", [...(root ? [] : ["-n", "apt-get"]), "-qq", ...args], {
      env: { DEBIAN_FRONTEND: "noninteractive" },
      quiet: true,
    });
  const has = spawnSync("apt-get", ["--version"]).status === 0;
  if (has) apt("update");
  if (!has || !apt("install", "-y", "--no-install-recommends", "chromium")) {
    stop(
      "The browser tests need Chromium. Install it so that `chromium` is on the search path, then run this again.",
    );
  }
  return findChromium() ?? stop("Chromium was installed, but `chromium` is not on the search path.");
}
