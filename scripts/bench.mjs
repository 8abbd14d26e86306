// Measures speed and weight against their budgets: npm run bench
import { mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { installChromium } from "./lib/chromium.mjs";
import { installPackages } from "./lib/install.mjs";
import { ROOT, run, runBin, stop } from "./lib/run.mjs";

process.chdir(ROOT);
installPackages();
const executablePath = installChromium();
const { buildApplication } = await import("./lib/build.mjs");
buildApplication();

mkdirSync(".tmp", { recursive: true });
for (const part of ["core", "finder", "files", "shelf", "paper"])
  rmSync(`.tmp/bench-${part}.json`, { force: true });
if (!runBin("vitest", ["run", "--config", "bench/vitest.config.ts", "--reporter=dot"], { quiet: true })) {
  stop("The measurements in Node ended with a fault; the reason stands above.");
}
if (!run(process.execPath, ["bench/paper.mjs"], { env: { NODE_ENV: "production" } })) {
  stop("The measurements of pictures and paper ended with a fault; the reason stands above.");
}
const { measureBrowser } = await import("../bench/browser.mjs");
const figures = [
  ...JSON.parse(readFileSync(".tmp/bench-core.json", "utf8")),
  ...JSON.parse(readFileSync(".tmp/bench-finder.json", "utf8")),
  ...JSON.parse(readFileSync(".tmp/bench-files.json", "utf8")),
  ...JSON.parse(readFileSync(".tmp/bench-shelf.json", "utf8")),
  ...JSON.parse(readFileSync(".tmp/bench-paper.json", "utf8")),
  ...(await measureBrowser(executablePath)),
];

const rows = figures.map(({ name, value, unit, budget }) => ({
  name,
  value: Number(value.toFixed(value < 10 ? 2 : 1)),
  unit,
  budget,
  verdict: value <= budget ? "ok" : "over",
}));
const width = Math.max(...rows.map(({ name }) => name.length));
for (const { name, value, unit, budget, verdict } of rows) {
  console.log(
    `${name.padEnd(width)}  ${String(value).padStart(8)} ${unit.padEnd(6)}  budget ${String(budget).padStart(6)}  ${verdict}`,
  );
}
writeFileSync(
  "bench/latest.json",
  `${JSON.stringify({ when: new Date().toISOString(), figures: rows }, null, 2)}\n`,
);
