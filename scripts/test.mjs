// Sets up everything and runs all checks: npm test
import { mkdirSync, readFileSync, rmSync } from "node:fs";
import { stripVTControlCharacters } from "node:util";
import { installForTests } from "./lib/chromium.mjs";
import { installPackages } from "./lib/install.mjs";
import { ROOT, runBin } from "./lib/run.mjs";

process.chdir(ROOT);
installPackages();
process.env.CHROMIUM = installForTests();
const { buildApplication } = await import("./lib/build.mjs");
const { shareOfTests } = await import("./lib/share.mjs");

rmSync(".tmp", { recursive: true, force: true });
mkdirSync(".tmp", { recursive: true });

let failures = 0;
let passed = 0;
const check = (name, good) => {
  console.log(`${good ? "ok" : "FAILED"}: ${name}`);
  if (!good) failures += 1;
  return good;
};

check("format and lint", runBin("biome", ["ci", "--error-on-warnings"]));
check("import arrows", runBin("depcruise", ["src", "--no-progress"]));
check("types", runBin("tsc", ["--noEmit", "--incremental", "false"]));

const unit = runBin("vitest", [
  "run",
  "--reporter=dot",
  "--reporter=json",
  "--outputFile.json=.tmp/unit.json",
]);
check("unit tests", unit);
count(() => {
  const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(".tmp/unit.json", "utf8"));
  return [numPassedTests, numFailedTests];
});

buildApplication();
check("production build", true);

const browser = runBin("playwright", ["test"], { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: ".tmp/browser.json" } });
check("browser tests", browser);
count(() => {
  const { expected, unexpected, flaky } = JSON.parse(readFileSync(".tmp/browser.json", "utf8")).stats;
  return [expected + flaky, unexpected];
});
const again = triedAgain();
for (const { title, errors } of again) {
  console.log(`Passed only when it was tried again: ${title}`);
  for (const error of errors) console.log(`  ${error}`);
}
check("no browser test had to be tried again", again.length === 0);

const { tests, all } = shareOfTests();
const share = (100 * tests) / all;
console.log(`Tests are ${share.toFixed(1)} % of the code: ${tests} of ${all} lines.`);
check("share of tests between a quarter and a third", share >= 25 && share <= 100 / 3);

console.log(`${passed} passed, ${failures} failed`);
process.exit(failures === 0 ? 0 : 1);

/** The browser tests that passed only when they were tried again, by file and title, and what was wrong at first. */
function triedAgain() {
  try {
    const { suites } = JSON.parse(readFileSync(".tmp/browser.json", "utf8"));
    const specsIn = ({ specs = [], suites: inner = [] }) => [...specs, ...inner.flatMap(specsIn)];
    return suites
      .flatMap(specsIn)
      .filter(({ tests: tried }) => tried.some(({ status }) => status === "flaky"))
      .map(({ file, title, tests: tried }) => ({
        title: `${file}: ${title}`,
        errors: tried.flatMap(({ results }) => results[0].errors.map(inOneLine)),
      }));
  } catch {
    // That there is no report has been said.
    return [];
  }
}

/** A log may keep its last lines only: the line of the test, and the beginning of what is said there. */
function inOneLine({ message = "", location }) {
  const words = stripVTControlCharacters(message).replaceAll(/\s+/g, " ").slice(0, 400);
  return location ? `line ${location.line}: ${words}` : words;
}

/** Adds the tests of a runner to the closing line; a runner that left no report has failed already. */
function count(read) {
  try {
    const [good, bad] = read();
    passed += good;
    // The runner's own check has counted as one failure.
    if (bad > 1) failures += bad - 1;
  } catch {
    console.log("The runner left no report.");
  }
}
