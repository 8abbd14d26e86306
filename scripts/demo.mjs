// Sets up everything and starts Yellow Stair with the demo lessons: npm run demo
import { installPackages } from "./lib/install.mjs";
import { stop } from "./lib/run.mjs";
import { startServer, whyNotFree } from "./lib/server.mjs";

const [major, minor] = process.versions.node.split(".").map(Number);
if (major < 20 || (major === 20 && minor < 9))
  stop(`Yellow Stair needs Node 20.9 or newer. This is ${process.version}.`);

const port = Number(process.env.PORT || 4600);
// An empty setting is no setting: it must not open the lessons to the network.
const host = (process.env.HOST || "127.0.0.1").replace(/^\[|\]$/g, "");
if (!Number.isInteger(port) || port < 1 || port > 65535) stop("PORT must be a whole number from 1 to 65535.");
const fault = await whyNotFree(port, host);
if (fault) stop(fault);

installPackages();
const { buildApplication } = await import("./lib/build.mjs");
buildApplication();

const database = process.env.DATABASE_URL || "file:./data/yellow-stair.db";
const server = await startServer({ port, host, database, demo: true, tells: true }).catch((reason) =>
  stop(reason.message),
);
console.log(`\nYellow Stair is ready at ${server.address}\nTo end it, press Ctrl+C.`);
let asked = false;
for (const signal of ["SIGINT", "SIGTERM"]) {
  process.on(signal, () => {
    // A request that never ends must not hold it: the second time it ends at once.
    server.child.kill(asked ? "SIGKILL" : "SIGTERM");
    asked = true;
    setTimeout(() => server.child.kill("SIGKILL"), 3000).unref();
  });
}
process.exit((await server.ended) ?? 0);
