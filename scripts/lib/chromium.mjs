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
  // Without windows it would round the widths of letters to whole pixels; on a desk it does not.
  "--font-render-hinting=none",
];

/** Debian's Chromium, as it stands on a desk. */
const WHOLE = "chromium";
/** The same without windows, from the same source: pages are drawn and pressed as ever, in little more than half the time. */
const SHELL = "chromium-headless-shell";
/** The files that both read. Debian's package of the shell does not ask for it, and without it the shell does not start. */
const SHARED = "chromium-common";

/** Where a program is, by the search path. Undefined where there is none. */
function find(program) {
  for (const folder of (process.env.PATH ?? "").split(delimiter)) {
    const path = join(folder, program);
    try {
      accessSync(path, constants.X_OK);
      return path;
    } catch {
      // Not in this folder.
    }
  }
  return undefined;
}

/** The Chromium of the tests: the shell where there is one. */
export const findForTests = () => find(SHELL) ?? find(WHOLE);

/** Chromium from Debian's packages, installed where there is none: for measurements and pictures. */
export const installChromium = () => find(WHOLE) ?? install(WHOLE, WHOLE) ?? missing();

/** The Chromium of the tests, installed where there is none. Where Debian has no shell that starts, the whole one does. */
export function installForTests() {
  if (!shellStarts()) install(SHELL, SHELL, SHARED);
  return shellStarts() ? find(SHELL) : installChromium();
}

function shellStarts() {
  const shell = find(SHELL);
  return (
    shell !== undefined && spawnSync(shell, [...CHROMIUM_ARGS, "--dump-dom", "about:blank"]).status === 0
  );
}

/** Installs some of Debian's packages, and says where the program is. Undefined where that does not work. */
function install(program, ...packages) {
  if (spawnSync("apt-get", ["--version"]).status !== 0) return undefined;
  console.log(`Installing ${program} from Debian's packages…`);
  const root = process.getuid?.() === 0;
  const apt = (...args) =>
    run(root ? "apt-get" : "sudo", [...(root ? [] : ["-n", "apt-get"]), "-qq", ...args], {
      env: { DEBIAN_FRONTEND: "noninteractive" },
      quiet: true,
    });
  apt("update");
  apt("install", "-y", "--no-install-recommends", ...packages);
  return find(program);
}

function missing() {
  stop(
    "The browser tests need Chromium. Install it so that `chromium` is on the search path, then run this again.",
  );
}
