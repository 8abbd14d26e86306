import { launch } from "chrome-launcher";
import lighthouse from "lighthouse";
import { CHROMIUM_ARGS } from "../scripts/lib/chromium.mjs";

/**
 * Its simulation of a phone has two answers for the same page: one if most of the scripts happened to arrive before the
 * paint, a much better one if they did not. Of all pages the paints with the worse answer are compared.
 */
const RUNS = 9;
/** How much of the scripts has arrived, in bytes, where the answer is the worse one. */
const ARRIVED = 140_000;

/**
 * What Lighthouse says of pages with its default setting, that for phones, of several runs.
 * @param addresses of the pages, by their names
 */
export async function judge(executablePath, addresses) {
  const chrome = await launch({
    chromePath: executablePath,
    chromeFlags: ["--headless=new", ...CHROMIUM_ARGS],
  });
  try {
    const said = {};
    for (const [name, address] of Object.entries(addresses)) {
      const runs = [];
      for (let i = 0; i < RUNS; i += 1) runs.push(await once(address, chrome.port));
      said[name] = Object.fromEntries(
        FIGURES.map((figure) => {
          const alike = runs.filter(({ scripts }) => scripts > ARRIVED);
          const some = figure === "largestPaint" && alike.length > 0 ? alike : runs;
          return [figure, median(some.map((run) => run[figure]))];
        }),
      );
    }
    return said;
  } finally {
    chrome.kill();
  }
}

const FIGURES = ["largestPaint", "blocked", "accessibility", "bestPractices"];

async function once(address, port, tries = 3) {
  const { lhr } = await lighthouse(address, {
    port,
    logLevel: "error",
    onlyCategories: ["performance", "accessibility", "best-practices"],
  });
  const { audits, categories, runtimeError } = lhr;
  // Now and then it finds no beginning in what it has recorded.
  if (runtimeError) {
    if (tries === 1) throw new Error(runtimeError.message);
    return once(address, port, tries - 1);
  }
  const painted = audits.metrics.details.items[0].observedLargestContentfulPaint;
  const before = audits["network-requests"].details.items.filter(
    ({ resourceType, networkEndTime }) => resourceType === "Script" && networkEndTime <= painted,
  );
  return {
    scripts: before.reduce((sum, { transferSize }) => sum + transferSize, 0),
    largestPaint: audits["largest-contentful-paint"].numericValue,
    blocked: audits["total-blocking-time"].numericValue,
    accessibility: 100 * categories.accessibility.score,
    bestPractices: 100 * categories["best-practices"].score,
  };
}

const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)];
