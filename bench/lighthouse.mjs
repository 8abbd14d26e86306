import { launch } from "chrome-launcher";
import lighthouse from "lighthouse";
import { CHROMIUM_ARGS } from "../scripts/lib/chromium.mjs";

/**
 * Its simulation of a phone jumps between two answers for the same page: one if the scripts happened to arrive before the
 * first paint, a much better one if they did not. Of nine paints the sixth is taken, so that pages are compared by the same
 * answer, which is the worse one.
 */
const RUNS = 9;
const SIXTH = 5;

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
        Object.keys(runs[0]).map((figure) => {
          const sorted = runs.map((run) => run[figure]).toSorted((a, b) => a - b);
          return [figure, sorted[figure === "largestPaint" ? SIXTH : Math.floor(RUNS / 2)]];
        }),
      );
    }
    return said;
  } finally {
    chrome.kill();
  }
}

async function once(address, port) {
  const { lhr } = await lighthouse(address, {
    port,
    logLevel: "error",
    onlyCategories: ["performance", "accessibility", "best-practices"],
  });
  const { audits, categories } = lhr;
  return {
    largestPaint: audits["largest-contentful-paint"].numericValue,
    blocked: audits["total-blocking-time"].numericValue,
    accessibility: 100 * categories.accessibility.score,
    bestPractices: 100 * categories["best-practices"].score,
  };
}
