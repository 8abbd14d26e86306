import { rmSync } from "node:fs";
import { chromium } from "@playwright/test";
import { CHROMIUM_ARGS } from "../scripts/lib/chromium.mjs";
import { addLesson, demoLesson } from "../scripts/lib/lessons.mjs";
import { freePort, startServer } from "../scripts/lib/server.mjs";
import { judge } from "./lighthouse.mjs";
import { openings } from "./opening.mjs";

const SLOWED = 6;
/** The classroom computer of counting and sliding. */
const MILDLY = 4;
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
      boards: [
        {
          ...board,
          views: [{ ...board.views[0], columns: 30, until: { by: "rows", rows: 40 } }, board.views[1]],
        },
      ],
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
    const slowPage = () => pageOf(browser, SLOWED);
    const opening = await openings(slowPage, server.address, `${server.address}/lesson/${ten}`);

    const demo = (name) => `${server.address}/lesson/${name}`;
    const said = await judge(executablePath, {
      removed: `${server.address}/removed`,
      shelf: server.address,
      chart: demo("lamps-on-the-jetty"),
      line: demo("the-tide-gauge"),
      times: demo("crates-in-the-hold"),
    });

    const counting = await addLesson(server.address, countingLesson(large, board));
    const late = await countLateness(browser, `${server.address}/lesson/${counting}`);
    const times = await addLesson(server.address, timesLesson(lamps, board));
    const frames = await slidingFrames(browser, `${server.address}/lesson/${times}`);

    const onLine = async (line, opening, zooms) => {
      const id = await addLesson(server.address, lineLesson(lamps, board, line, opening));
      return lineFrames(browser, `${server.address}/lesson/${id}`, zooms);
    };
    const farLine = await onLine(
      { from: "-1000000000000", to: "1000000000000", interval: "100000000000" },
      [],
      [0, 3, 8, 12],
    );
    const plain = await addLesson(server.address, lineLesson(lamps, board, {}));
    const zoomed = await zoomFrames(browser, `${server.address}/lesson/${plain}`);
    const jumpLine = await onLine({}, manyJumps);
    const inkLine = await onLine({}, manyStrokes);

    for (let i = 0; i < LESSONS_OF_A_YEAR; i += 1)
      await addLesson(server.address, { ...lamps, title: `Lesson ${i + 1}` });
    const shelf = await shelfTime(browser, server.address);

    const row = (name, value, unit, budget) => ({ name, value, unit, budget });
    const year = `Shelf of ${LESSONS_OF_A_YEAR} lessons`;
    const slowed = `${SLOWED} times slower`;
    return [
      row("Board page: compressed JavaScript", weight, "kB", 220),
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
      row(
        `Count at four a second over 1,200 places, latest beat, ${MILDLY} times slower`,
        late.most,
        "ms",
        50,
      ),
      row("Count at four a second, median lateness", late.median, "ms", 20),
      row(`Sliding a times grid of 20 × 24, median frame, ${MILDLY} times slower`, frames.median, "ms", 17),
      row("Sliding a times grid, 95th percentile of frames", frames.p95, "ms", 34),
      row(
        "Sliding a times grid, the same ÷ an empty page's frames",
        frames.median / frames.bare,
        "times",
        1.1,
      ),
      row(
        `Sliding a line of ±10¹² at four zooms, median frame, ${MILDLY} times slower`,
        farLine.median,
        "ms",
        17,
      ),
      row("Sliding a line of ±10¹², 95th percentile of frames", farLine.p95, "ms", 34),
      row(
        `Drawing a line nearer and further away, median frame, ${MILDLY} times slower`,
        zoomed.median,
        "ms",
        17,
      ),
      row("Drawing a line nearer and further away, 95th percentile of frames", zoomed.p95, "ms", 34),
      row(`Sliding a line with 500 jumps, median frame, ${MILDLY} times slower`, jumpLine.median, "ms", 17),
      row("Sliding a line with 500 jumps, 95th percentile of frames", jumpLine.p95, "ms", 34),
      row(
        `Sliding a line with 2,000 strokes, median frame, ${MILDLY} times slower`,
        inkLine.median,
        "ms",
        17,
      ),
      row("Sliding a line with 2,000 strokes, 95th percentile of frames", inkLine.p95, "ms", 34),
      row("Places drawn of a times grid of 20 × 24", frames.places, "places", 480),
      row(`The page of removed lessons stands, ${slowed}`, opening.removed, "ms", 2000),
      row(`A board's numbers stand, ${slowed}`, opening.stands, "ms", 2000),
      row(
        "A board's numbers stand ÷ the page of removed lessons",
        opening.stands / opening.removed,
        "times",
        1.2,
      ),
      row(`A board's first touch is answered, ${slowed}`, opening.answered, "ms", 4000),
      row(
        "A board's first touch ÷ the page of removed lessons",
        opening.answered / opening.removed,
        "times",
        2,
      ),
      ...judged("The shelf", said.shelf, said.removed, row),
      ...judged("A board with a chart", said.chart, said.removed, row),
      ...judged("A board with a line", said.line, said.removed, row),
      ...judged("A board with a times grid", said.times, said.removed, row),
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

/** The rows about one page that Lighthouse has judged, beside the nearly empty page of removed lessons. */
function judged(name, page, empty, row) {
  const about = `Lighthouse, ${name[0].toLowerCase()}${name.slice(1)}`;
  return [
    row(
      `${about}: largest paint ÷ the page of removed lessons`,
      page.largestPaint / empty.largestPaint,
      "times",
      1.1,
    ),
    row(`${about}: blocked ÷ the page of removed lessons`, page.blocked / empty.blocked, "times", 2),
    row(`${about}: missing of 100, accessibility`, 100 - page.accessibility, "points", 0),
    row(`${about}: missing of 100, best practices`, 100 - page.bestPractices, "points", 0),
  ];
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
    const times = await page.evaluate(() => window.times);
    const redrawn = address ? await redrawnByTouches(page, cdp, points) : 0;
    await close();
    const sorted = times.slice(WARMING).toSorted((a, b) => a - b);
    results.push({
      median: sorted[Math.floor(sorted.length / 2)],
      p95: sorted[Math.ceil(sorted.length * 0.95) - 1],
      redrawn,
    });
  }
  return results;
}

/** The most places whose drawing one touch changes until its frame is painted. */
async function redrawnByTouches(page, cdp, points) {
  await page.evaluate(() => {
    const changed = new Set();
    window.redrawn = [];
    window.beforeTouch = () => changed.clear();
    new MutationObserver((records) => {
      for (const { target } of records) changed.add(target.closest?.("[data-cell]"));
      changed.delete(null);
      changed.delete(undefined);
    }).observe(document.body, { subtree: true, childList: true, attributes: true, characterData: true });
    const inFrame = () => setTimeout(() => window.redrawn.push(changed.size));
    const touched = (event) => event.isTrusted && requestAnimationFrame(inFrame);
    addEventListener("pointerdown", touched, { capture: true });
  });
  for (const point of points.slice(0, 10)) {
    await page.evaluate(() => window.beforeTouch());
    await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [point] });
    await page.waitForTimeout(100);
    await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    await page.waitForTimeout(150);
  }
  return Math.max(...(await page.evaluate(() => window.redrawn)));
}

async function readyToTouch(browser, address) {
  const { page, cdp, close } = await pageOf(browser, SLOWED);
  if (address) await page.goto(address);
  else await page.setContent(BARE);
  const targets = page.locator(address ? "[data-cell]" : "button");
  await targets.first().waitFor();
  await page.waitForTimeout(1500);
  await page.evaluate(() => {
    window.times = [];
    let down = 0;
    // A message is handled after the frame that it was sent in has been painted.
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => window.times.push(performance.now() - down);
    const inFrame = () => port2.postMessage(null);
    const touched = (event) => {
      down = event.timeStamp;
      requestAnimationFrame(inFrame);
    };
    addEventListener("pointerdown", (event) => event.isTrusted && touched(event), { capture: true });
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

function countingLesson(large, board) {
  const count = { ...board.count, by: "1", from: "1", every: 0.25, marks: true };
  return { ...large, boards: [{ ...large.boards[0], count }] };
}

/** How late the beats of a walking count are painted, over half a minute, and the first ones not counted. */
async function countLateness(browser, address) {
  const { page, close } = await pageOf(browser, MILDLY);
  await page.goto(address);
  await page.locator("[data-cell]").first().waitFor();
  await page.waitForTimeout(6000);
  const lateness = await page.evaluate(
    () =>
      new Promise((resolve) => {
        const beats = [];
        const watcher = new MutationObserver((records) => {
          // A beat is a place that has just got its mark.
          const marked = records.some(
            ({ target, addedNodes }) =>
              target.closest?.("[data-cell]") &&
              [...addedNodes].some(({ nodeName }) => nodeName === "polygon"),
          );
          if (!marked) return;
          // Painted: the message is handled after the frame.
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = () => beats.push(performance.now());
            port2.postMessage(null);
          });
          if (beats.length < 120) return;
          watcher.disconnect();
          // The clock's own beats: the straight line of quarters of a second that no beat is before.
          const offsets = beats.slice(4).map((at, i) => at - i * 250);
          const start = Math.min(...offsets);
          resolve(offsets.map((offset) => offset - start));
        });
        watcher.observe(document.body, { subtree: true, childList: true });
        document.querySelector("[aria-label='Start the count']").click();
      }),
  );
  await close();
  const sorted = lateness.toSorted((a, b) => a - b);
  return { most: sorted.at(-1), median: sorted[Math.floor(sorted.length / 2)] };
}

function timesLesson(lesson, board) {
  const times = {
    id: "times",
    kind: "times",
    row: 12,
    column: 12,
    rows: 20,
    columns: 24,
    rowNames: "shown",
    columnNames: "shown",
    covers: "solid",
    marks: "place",
    puzzle: { level: 3, rows: 4 },
  };
  return { ...lesson, boards: [{ ...board, views: [times, board.views[1]], stair: [] }] };
}

/** A board whose main view is a line, with moves that it opens with. */
function lineLesson(lesson, board, line, opening = []) {
  const whole = {
    id: "line",
    kind: "line",
    shape: "flat",
    from: "0",
    to: "100",
    interval: "10",
    divisions: 10,
    ticks: "all",
    labels: "all",
    every: 1,
    chosen: [],
    numbers: "decimal",
    unit: "",
    open: false,
    pinned: false,
    pointer: "shown",
    ...line,
  };
  return { ...lesson, boards: [{ ...board, views: [whole], opening, stair: [] }] };
}

/** 500 jumps there and back over a line from 0 to 100. */
const manyJumps = [
  { do: "start", number: "0" },
  ...Array.from({ length: 500 }, (_, i) => ({ do: "jump", by: Math.floor(i / 50) % 2 === 0 ? "2" : "-2" })),
];

/** 2,000 strokes of 24 points, over the numbers of a line. */
const manyStrokes = Array.from({ length: 2000 }, (_, i) => ({
  do: "pen",
  stroke: {
    id: `s${i}`,
    view: "line",
    number: String(i % 100),
    ink: ["sun", "coral", "sea", "kelp", "plum"][i % 5],
    tool: "pen",
    points: Array.from({ length: 24 }, (_, p) => [
      Math.round(300 * Math.cos(p / 4 + i)),
      Math.round(-1500 + 500 * Math.sin(p / 3 + i)),
    ]).flat(),
  },
}));

/** The length of the frames while two fingers draw a line nearer and further away. */
async function zoomFrames(browser, address) {
  const { page, cdp, close } = await pageOf(browser, MILDLY);
  await page.goto(address);
  const grid = page.getByRole("grid");
  await grid.waitFor();
  await page.waitForTimeout(6000);
  const box = await grid.boundingBox();
  const at = (apart) =>
    [-1, 1].map((side, id) => ({ id, x: box.x + box.width / 2 + side * apart, y: box.y + box.height * 0.3 }));
  const measured = framesOf(page, 170);
  for (let pinch = 0; pinch < 4; pinch += 1) {
    const [from, to] = pinch % 2 === 0 ? [80, 400] : [400, 80];
    await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: at(from) });
    for (let i = 1; i <= 40; i += 1) {
      const apart = from + ((to - from) * i) / 40;
      await cdp.send("Input.dispatchTouchEvent", { type: "touchMove", touchPoints: at(apart) });
      await page.waitForTimeout(16);
    }
    await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
  }
  const sorted = (await measured).toSorted((a, b) => a - b);
  await close();
  return { median: sorted[Math.floor(sorted.length / 2)], p95: sorted[Math.ceil(sorted.length * 0.95) - 1] };
}

/** The length of so many frames of a page, the first ones not counted. */
const framesOf = (page, count) =>
  page.evaluate(
    (wanted) =>
      new Promise((resolve) => {
        const found = [];
        let last = performance.now();
        const next = (now) => {
          found.push(now - last);
          last = now;
          if (found.length < wanted) requestAnimationFrame(next);
          else resolve(found.slice(4));
        };
        requestAnimationFrame(next);
      }),
    count,
  );

/** The length of the frames while a finger slides a line, at zooms that buttons come to one after the other. */
async function lineFrames(browser, address, zooms = [0]) {
  const { page, cdp, close } = await pageOf(browser, MILDLY);
  await page.goto(address);
  const grid = page.getByRole("grid");
  await grid.waitFor();
  await page.waitForTimeout(6000);
  const times = [];
  for (const nearer of zooms) {
    for (let i = 0; i < nearer; i += 1) await page.getByRole("button", { name: "Nearer" }).click();
    await page.waitForTimeout(800);
    const box = await grid.boundingBox();
    const point = (x) => ({ x: box.x + box.width * x, y: box.y + box.height * 0.3 });
    const measured = framesOf(page, 110);
    for (let slide = 0; slide < 2; slide += 1) {
      await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [point(0.9)] });
      for (let i = 1; i <= 40; i += 1) {
        await cdp.send("Input.dispatchTouchEvent", {
          type: "touchMove",
          touchPoints: [point(0.9 - 0.02 * i)],
        });
        await page.waitForTimeout(16);
      }
      await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    }
    times.push(...(await measured));
  }
  await close();
  const sorted = times.toSorted((a, b) => a - b);
  return { median: sorted[Math.floor(sorted.length / 2)], p95: sorted[Math.ceil(sorted.length * 0.95) - 1] };
}

/** The length of the frames while a finger slides a large window, and those of the same page at rest. */
async function slidingFrames(browser, address) {
  const { page, cdp, close } = await pageOf(browser, MILDLY);
  await page.goto(address);
  const grid = page.getByRole("grid");
  await grid.waitFor();
  await page.waitForTimeout(6000);
  const places = await page.locator("[data-cell]").count();
  const box = await grid.boundingBox();
  const frames = (count) =>
    page.evaluate(
      (wanted) =>
        new Promise((resolve) => {
          const times = [];
          let last = performance.now();
          const next = (now) => {
            times.push(now - last);
            last = now;
            if (times.length < wanted) requestAnimationFrame(next);
            else resolve(times.slice(2));
          };
          requestAnimationFrame(next);
        }),
      count,
    );
  const bare = await frames(120);
  const point = (x, y) => ({ x: box.x + box.width * x, y: box.y + box.height * y });
  const measured = frames(200);
  for (let slide = 0; slide < 4; slide += 1) {
    await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [point(0.9, 0.8)] });
    for (let i = 1; i <= 40; i += 1) {
      await cdp.send("Input.dispatchTouchEvent", {
        type: "touchMove",
        touchPoints: [point(0.9 - 0.02 * i, 0.8 - 0.015 * i)],
      });
      await page.waitForTimeout(16);
    }
    await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    await page.waitForTimeout(300);
  }
  const sorted = (await measured).toSorted((a, b) => a - b);
  await close();
  const middle = (list) => list[Math.floor(list.length / 2)];
  return {
    median: middle(sorted),
    p95: sorted[Math.ceil(sorted.length * 0.95) - 1],
    bare: middle(bare.toSorted((a, b) => a - b)),
    places,
  };
}
