import { spawn } from "node:child_process";
import { createServer } from "node:net";
import { setTimeout as wait } from "node:timers/promises";
import { ROOT } from "./run.mjs";

/** Why Yellow Stair cannot listen at a port of a host, with what to do; null where it can. */
export function whyNotFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once("error", ({ code }) => resolve(portFault(code, port, host)));
    probe.listen(port, host, () => probe.close(() => resolve(null)));
  });
}

function portFault(code, port, host) {
  if (code === "EADDRINUSE") {
    return (
      `Port ${port} is busy: Yellow Stair may be running already at ${addressOf(host, port)}.\n` +
      "To use another port, set PORT, for example: PORT=4700 npm run demo"
    );
  }
  if (code === "EACCES") return `Port ${port} may not be used. Set PORT to a number above 1023.`;
  return `HOST=${host} is no address of this machine. Leave HOST out, or set it to 127.0.0.1 or 0.0.0.0.`;
}

/** The address to ask for a server listening at a host: one that listens everywhere is asked on this machine. */
function addressOf(host, port) {
  const name = host === "0.0.0.0" ? "127.0.0.1" : host === "::" ? "::1" : host;
  return `http://${name.includes(":") ? `[${name}]` : name}:${port}`;
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

/** Maximum length of a server's output that is kept. */
const MAX_SAID = 4000;

/**
 * Starts the built application and waits until it answers. `stop` ends it at once, as a power cut would. What goes wrong
 * later is told in the terminal where `tells` is set. Throws with a plain sentence, and leaves nothing running.
 * @param {{ port: number, host?: string, database: string, demo?: boolean, tells?: boolean }} options
 */
export async function startServer({ port, host = "127.0.0.1", database, demo = false, tells = false }) {
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
        HOST: host,
      },
    },
  );
  let said = "";
  let ready = false;
  child.stdout.on("data", () => {});
  child.stderr.on("data", (data) => {
    if (!ready) said = (said + data).slice(-MAX_SAID);
    else if (tells) for (const line of oneLine(data)) console.error(line);
  });
  const ended = new Promise((resolve) =>
    child.once("exit", (code, signal) => resolve(code ?? (signal ? 1 : 0))),
  );
  let over = false;
  void ended.then(() => {
    over = true;
  });
  const address = addressOf(host, port);
  const deadline = Date.now() + 60_000;
  while (Date.now() < deadline && !over) {
    const answer = await fetch(address).catch(() => null);
    if (answer?.ok) {
      ready = true;
      return { address, child, ended, stop: () => kill(child, ended) };
    }
    if (answer) break;
    await wait(100);
  }
  await kill(child, ended);
  const lines = oneLine(said);
  const why = lines.find((line) => line.startsWith("Yellow Stair cannot start.")) ?? lines.at(-1);
  throw new Error(why ?? "Yellow Stair cannot start. It did not answer within a minute. Try again.");
}

/** The lines of a server's output, shortened, without stack traces. */
function oneLine(data) {
  return String(data)
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "" && !/^at |^\{$|^\}$|^(code|rawCode|cause|digest|\[)/.test(line))
    .map((line) => line.slice(0, 240));
}

function kill(child, ended) {
  child.kill("SIGKILL");
  return ended;
}
