import { rmSync } from "node:fs";
import { chromium } from "@playwright/test";
import { CHROMIUM_ARGS } from "../scripts/lib/chromium.mjs";
import { addLesson, demoLesson } from "../scripts/lib/lessons.mjs";
import { freePort, startServer } from "../scripts/lib/server.mjs";

const SLOWED = 6;
const TOUCHES = 60;
/** The first touches of a page run code that the browser has not compiled yet; they are not counted. */
const WARMING = 10;
const LESSONS_OF_A_YEAR = 150;

/** A page of nothing but a button that changes colour: what this machine takes at least from touch to colour. */
const BARE = `<!doctype html><style>button{position:fixed;left:0;top:0;width:90px;height:50px}</style><button>touch</button>
<script>addEventListener("pointerdown",e=>{e.target.style.background=e.target.style.background?"":"gold"})</script>`;

/** Measures the built application in headless Chromium. */
export async function measureBrowser(executablePath) {
  const database = `.tmp/bench-${Date.now()}.db`;
  const server = await startServer({ port: await freePort(), database: `file:./${database}`, demo: true });
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
  try {
    const lamps = demoLesson("1-lamps-on-the-jetty");
    const board = lamps.boards[1];
    const large = {
      ...lamps,
      boards: [{ ...board, views: [{ ...board.views[0], columns: 30, rows: 40 }, board.views[1]] }],
    };
    const ten = await addLesson(server.address, { ...lamps, boards: [board] });
    const twelveHundred = await addLesson(server.address, large);

    const weight = await scriptWeight(browser, `${server.address}/lesson/${ten}`);
    const empty = await scriptWeight(browser, `${server.address}/nothing-here`);
    const [bare, small, big] = await touchToPaint(browser, [
      null,
      `${server.address}/lesson/${ten}`,
      `${server.address}/lesson/${twelveHundred}`,
    ]);
    const opening = await openingTime(browser, `${server.address}/lesson/${ten}`);

    for (let i = 0; i < LESSONS_OF_A_YEAR; i += 1)
      await addLesson(server.address, { ...lamps, title: `Lesson ${i + 1}` });
    const shelf = await shelfTime(browser, server.address);

    const row = (name, value, unit, budget) => ({ name, value, unit, budget });
    const year = `Shelf of ${LESSONS_OF_A_YEAR} lessons`;
    const slowed = `${SLOWED} times slower`;
    return [
      row("Board page: compressed JavaScript", weight, "kB", 260),
      row("Board page ÷ a page of one sentence", weight / empty, "times", 1.8),
      row(`Touch to colour, 10 × 10, median, ${slowed}`, small.median, "ms", 50),
      row("Touch to colour, 10 × 10, 95th percentile", small.p95, "ms", 50),
      row(`Touch to colour, 1,200 places, median, ${slowed}`, big.median, "ms", 100),
      row("Touch to colour, 1,200 places, 95th percentile", big.p95, "ms", 100),
      row(`Touch to colour, a bare button, median, ${slowed}`, bare.median, "ms", 50),
      row("Touch to colour, a bare button, 95th percentile", bare.p95, "ms", 50),
      row("Touch to colour, 10 × 10 ÷ a bare button, medians", small.median / bare.median, "times", 1.5),
      row("Touch to colour, 1,200 places ÷ a bare button, medians", big.median / bare.median, "times", 2.5),
      row("Places redrawn by one touch, 1,200 places", big.redrawn, "places", 2),
      row(`Board opens until its chart stands, ${slowed}`, opening, "ms", 4000),
      row(`${year}: answer of the server`, shelf.answer, "ms", 1500),
      row(`${year}: compressed page`, shelf.weight, "kB", 600),
      row(`${year}: until it stands, ${slowed}`, shelf.stands, "ms", 6000),
    ];
  } finally {
    await browser.close();
    await server.stop();
    for (const end of ["", "-wal", "-shm"]) rmSync(`${database}${end}`, { force: true });
  }
}

async function pageOf(browser, slowed = 1) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, hasTouch: true });
  const page = await context.newPage();
  const cdp = await context.newCDPSession(page);
  if (slowed > 1) await cdp.send("Emulation.setCPUThrottlingRate", { rate: slowed });
  return { page, cdp, close: () => context.close() };
}

/** The JavaScript a page loads, in kB as it comes over the wire. */
async function scriptWeight(browser, address) {
  const { page, close } = await pageOf(browser);
  await page.goto(address);
  await page.waitForLoadState("networkidle");
  const bytes = await page.evaluate(() =>
    performance
      .getEntriesByType("resource")
      .filter(({ name }) => new URL(name).pathname.endsWith(".js"))
      .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
  );
  await close();
  return bytes / 1000;
}

/**
 * From a finger coming down to the frame in which its colour is painted, over many places of each page; also the
 * most places whose drawing one touch has changed. No address stands for the bare button. One page is open at a
 * time: the browser slows a page by keeping a processor busy, and a machine of two has none to spare for a second.
 */
async function touchToPaint(browser, addresses) {
  const results = [];
  for (const address of addresses) {
    const { page, cdp, points, close } = await readyToTouch(browser, address);
    for (let i = 0; i < WARMING + TOUCHES; i += 1) {
      const point = points[(i * 37) % points.length];
      await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [point] });
      // A finger stays down for about a tenth of a second.
      await page.waitForTimeout(100);
      await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
      await page.waitForTimeout(150);
    }
    const { times, redrawn } = await page.evaluate(() => ({ times: window.times, redrawn: window.redrawn }));
    await close();
    const sorted = times.slice(WARMING).toSorted((a, b) => a - b);
    results.push({
      median: sorted[Math.floor(sorted.length / 2)],
      p95: sorted[Math.ceil(sorted.length * 0.95) - 1],
      redrawn: Math.max(...redrawn),
    });
  }
  return results;
}

async function readyToTouch(browser, address) {
  const { page, cdp, close } = await pageOf(browser, SLOWED);
  if (address) await page.goto(address);
  else await page.setContent(BARE);
  const targets = page.locator(address ? "[data-place]" : "button");
  await targets.first().waitFor();
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    window.times = [];
    window.redrawn = [];
    let changed = new Set();
    new MutationObserver((records) => {
      for (const { target } of records) changed.add(target.closest?.("[data-place]"));
      changed.delete(null);
      changed.delete(undefined);
    }).observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
    addEventListener(
      "pointerdown",
      (event) => {
        changed = new Set();
        requestAnimationFrame(() => {
          // A message is handled after the frame that this callback belongs to has been painted.
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => {
            window.times.push(performance.now() - event.timeStamp);
            window.redrawn.push(changed.size);
          };
          port2.postMessage(null);
        });
      },
      { capture: true },
    );
  });
  const points = await targets.evaluateAll((elements) =>
    elements.map((element) => {
      const { x, y, width, height } = element.getBoundingClientRect();
      return { x: x + width / 2, y: y + height / 2 };
    }),
  );
  return { page, cdp, close, points };
}

/** The median of a few openings of a board on a slow computer, until its chart stands. */
async function openingTime(browser, address) {
  const times = [];
  for (let i = 0; i < 5; i += 1) {
    const { page, close } = await pageOf(browser, SLOWED);
    const start = performance.now();
    await page.goto(address, { waitUntil: "commit" });
    await page.locator("[data-place='99']").waitFor();
    times.push(performance.now() - start);
    await close();
  }
  return times.sort((a, b) => a - b)[2];
}

/** The shelf with a year of lessons on it. */
async function shelfTime(browser, address) {
  await (await fetch(address)).text();
  const start = performance.now();
  await (await fetch(address)).text();
  const answer = performance.now() - start;
  const { page, close } = await pageOf(browser, SLOWED);
  const opened = performance.now();
  await page.goto(address, { waitUntil: "commit" });
  await page.getByRole("button", { name: "New lesson" }).waitFor();
  const stands = performance.now() - opened;
  const bytes = await page.evaluate(() => performance.getEntriesByType("navigation")[0].encodedBodySize);
  await close();
  return { answer, stands, weight: bytes / 1000 };
}
