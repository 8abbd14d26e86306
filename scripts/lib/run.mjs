import { spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";

/** The folder of the project. */
export const ROOT = fileURLToPath(new URL("../..", import.meta.url));

/** Runs a program and shows what it prints. Gives whether it ended well. */
export function run(program, args, { env = {}, quiet = false } = {}) {
  const { status, stdout, stderr } = spawnSync(program, args, {
    cwd: ROOT,
    stdio: quiet ? "pipe" : "inherit",
    encoding: "utf8",
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
  });
  if (quiet && status !== 0) process.stderr.write(`${stdout ?? ""}${stderr ?? ""}`);
  return status === 0;
}

/** Runs a program of the installed packages, by the name of its script in node_modules/.bin. */
export function runBin(name, args, options) {
  return run(process.execPath, [`${ROOT}/node_modules/.bin/${name}`, ...args], options);
}

/** Ends this program with a message in plain words. */
export function stop(message) {
  console.error(message);
  process.exit(1);
}
