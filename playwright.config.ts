import { defineConfig } from "@playwright/test";
import { CHROMIUM_ARGS, findForTests } from "./scripts/lib/chromium.mjs";
import { usedBefore } from "./scripts/lib/first-visit.mjs";
import { freePort } from "./scripts/lib/server.mjs";

// Worked out once and handed on to the workers: each run has a database and a port of its own.
process.env.YELLOW_STAIR_TEST_DATABASE ??= `file:./.tmp/browser-tests-${Date.now()}.db`;
process.env.YELLOW_STAIR_TEST_PORT ??= String(await freePort());
const port = Number(process.env.YELLOW_STAIR_TEST_PORT);
const executablePath = process.env.CHROMIUM ?? findForTests();
if (!executablePath) throw new Error("Chromium is missing. `npm test` installs it.");

export default defineConfig({
  testDir: "tests",
  outputDir: ".tmp/browser-tests",
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // What passes only when it is tried again is a fault: `npm test` names it, and fails.
  retries: 1,
  reporter: [["dot"], ["json"]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    // Nobody's first visit: that has a test of its own.
    storageState: usedBefore(`http://127.0.0.1:${port}`),
    viewport: { width: 1280, height: 800 },
    launchOptions: { executablePath, args: CHROMIUM_ARGS },
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port}`,
    url: `http://127.0.0.1:${port}`,
    env: {
      NODE_ENV: "production",
      NEXT_TELEMETRY_DISABLED: "1",
      DATABASE_URL: process.env.YELLOW_STAIR_TEST_DATABASE,
      YELLOW_STAIR_DEMO: "1",
    },
  },
});
