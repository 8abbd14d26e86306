// Sets up everything and starts Yellow Stair with the demo lessons: npm run demo
import { installPackages } from "./lib/install.mjs";
import { stop } from "./lib/run.mjs";
import { isFree, startServer } from "./lib/server.mjs";

const [major, minor] = process.versions.node.split(".").map(Number);
if (major < 20 || (major === 20 && minor < 9))
  stop(`Yellow Stair needs Node 20.9 or newer. This is ${process.version}.`);

const port = Number(process.env.PORT ?? 4600);
const host = process.env.HOST ?? "127.0.0.1";
if (!Number.isInteger(port) || port < 1 || port > 65535) stop("PORT must be a whole number from 1 to 65535.");
if (!(await isFree(port, host))) {
  stop(
    `Port ${port} is busy: Yellow Stair may be running already at http://${host}:${port}.\n` +
      "To use another port, set PORT, for example: PORT=4700 npm run demo",
  );
}

installPackages();
const { buildApplication } = await import("./lib/build.mjs");
buildApplication();

const database = process.env.DATABASE_URL || "file:./data/yellow-stair.db";
const server = await startServer({ port, host, database, demo: true }).catch((reason) =>
  stop(`Yellow Stair could not be started. ${reason.message}`),
);
console.log(`\nYellow Stair is ready at ${server.address}\nTo end it, press Ctrl+C.`);
for (const signal of ["SIGINT", "SIGTERM"]) process.on(signal, () => server.child.kill("SIGTERM"));
process.exit((await server.ended) ?? 0);
