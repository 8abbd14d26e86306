import { spawn } from "node:child_process";
import { createServer } from "node:net";
import { setTimeout as wait } from "node:timers/promises";
import { ROOT } from "./run.mjs";

/** Whether a port of a host is free. */
export function isFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", () => resolve(false));
    probe.listen(port, host, () => probe.close(() => resolve(true)));
  });
}

/** A free port of this machine. */
export function freePort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/**
 * Starts the built application and waits until it answers. `stop` ends it at once, as a power cut would.
 * @param {{ port: number, host?: string, database: string, demo?: boolean }} options
 */
export async function startServer({ port, host = "127.0.0.1", database, demo = false }) {
  const child = spawn(
    process.execPath,
    [`${ROOT}/node_modules/next/dist/bin/next`, "start", "-H", host, "-p", String(port)],
    {
      cwd: ROOT,
      stdio: ["ignore", "pipe", "pipe"],
      env: {
        ...process.env,
        NODE_ENV: "production",
        NEXT_TELEMETRY_DISABLED: "1",
        DATABASE_URL: database,
        YELLOW_STAIR_DEMO: demo ? "1" : "0",
      },
    },
  );
  let said = "";
  child.stdout.on("data", (data) => {
    said += data;
  });
  child.stderr.on("data", (data) => {
    said += data;
  });
  const ended = new Promise((resolve) => child.once("exit", resolve));
  const address = `http://${host === "0.0.0.0" ? "127.0.0.1" : host}:${port}`;
  const deadline = Date.now() + 60_000;
  while (Date.now() < deadline) {
    if (child.exitCode !== null) throw new Error(`The server ended at its start.\n${said}`);
    const answer = await fetch(address).catch(() => null);
    if (answer?.ok) return { address, child, ended, stop: () => kill(child, ended) };
    if (answer) throw new Error(`The server answers ${answer.status}.\n${said}`);
    await wait(100);
  }
  child.kill("SIGKILL");
  throw new Error(`The server did not answer within a minute.\n${said}`);
}

function kill(child, ended) {
  child.kill("SIGKILL");
  return ended;
}
