import { rmSync } from "node:fs";
import { chromium } from "@playwright/test";
import { CHROMIUM_ARGS } from "../scripts/lib/chromium.mjs";
import { addLesson, demoLesson } from "../scripts/lib/lessons.mjs";
import { freePort, startServer } from "../scripts/lib/server.mjs";
import { bareLateness, classLateness } from "./class.mjs";
import { countingLesson, countLateness, piecesLesson } from "./counting.mjs";
import { lineFrames, slidingFrames, turningFrames, zoomFrames } from "./frames.mjs";
import { largeLesson, oneOfThem } from "./large-lesson.mjs";
import { groupsLesson, lineLesson, lineSettings, manyJumps, manyStrokes, timesLesson } from "./lessons.mjs";
import { judge } from "./lighthouse.mjs";
import { openings, scriptingTime } from "./opening.mjs";
import { MILDLY, pageOf, SLOWED } from "./page.mjs";
import { touchToPaint } from "./touch.mjs";

const LESSONS_OF_A_YEAR = 150;

/** Measures the built application in headless Chromium. */
export async function measureBrowser(executablePath) {
  const database = `.tmp/bench-${Date.now()}.db`;
  const server = await startServer({ port: await freePort(), database: `file:./${database}`, demo: true });
  const browser = await chromium.launch({ executablePath, args: CHROMIUM_ARGS });
  try {
    // The shelf as a teacher first has it: the small picture of a board with 1,200 numbers has letters that nobody is to read.
    const demo = (name) => `${server.address}/lesson/${name}`;
    const said = await judge(executablePath, {
      removed: `${server.address}/removed`,
      shelf: server.address,
      chart: demo("lamps-on-the-jetty"),
      line: demo("the-tide-gauge"),
      times: demo("crates-in-the-hold"),
    });

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

    const manyBoards = await addLesson(server.address, largeLesson(lamps));
    const oneBoard = await addLesson(server.address, oneOfThem(lamps));
    const scripting = await scriptingTime(slowPage, [
      `${server.address}/lesson/${oneBoard}`,
      `${server.address}/lesson/${manyBoards}`,
    ]);

    const counting = await addLesson(server.address, countingLesson(large, board));
    const late = await countLateness(browser, `${server.address}/lesson/${counting}`);
    const beside = await addLesson(server.address, piecesLesson(large, board, lineSettings(lamps, board)));
    const latePieces = await countLateness(browser, `${server.address}/lesson/${beside}`);
    const lateClass = await classLateness(browser, `${server.address}/lesson/${beside}`);
    const lateBare = await bareLateness(browser, `${server.address}/lesson.schema.json`);
    const groups = await addLesson(server.address, groupsLesson(lamps, board));
    const turned = await turningFrames(browser, `${server.address}/lesson/${groups}`, 1);
    const turnedSlowly = await turningFrames(browser, `${server.address}/lesson/${groups}`, MILDLY);
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
      row(`Touch to colour, 1,200 squares, median, ${slowed}`, big.median, "ms", 100),
      row("Touch to colour, 1,200 squares, 95th percentile", big.p95, "ms", 100),
      row(`Touch to colour, a bare button, median, ${slowed}`, bare.median, "ms", 50),
      row("Touch to colour, a bare button, 95th percentile", bare.p95, "ms", 50),
      row("Touch to colour, 10 × 10 ÷ a bare button, medians", small.median / bare.median, "times", 1.5),
      row("Touch to colour, 1,200 squares ÷ a bare button, medians", big.median / bare.median, "times", 2.5),
      row("Squares redrawn by one touch, 1,200 squares", big.redrawn, "squares", 2),
      row(
        `Count at four a second over 1,200 squares, latest beat, ${MILDLY} times slower`,
        late.most,
        "ms",
        50,
      ),
      row("Count at four a second, median lateness", late.median, "ms", 20),
      row(
        `Count at four a second with chart, line and pieces, latest beat on the chart, ${MILDLY} times slower`,
        latePieces.most,
        "ms",
        50,
      ),
      row("Count at four a second with chart, line and pieces, median lateness", latePieces.median, "ms", 20),
      row("Class screen behind the teacher's, the same count, 95th percentile", lateClass.most, "ms", 100),
      row("Class screen behind the teacher's, median", lateClass.median, "ms", 60),
      row("A bare window behind another, 95th percentile", lateBare.most, "ms", 100),
      row("A bare window behind another, median", lateBare.median, "ms", 60),
      row("Turning 120 counters, 95th percentile of frames", turned.p95, "ms", 17),
      row(`Turning 120 counters, median frame, ${MILDLY} times slower`, turnedSlowly.median, "ms", 17),
      row("Turning 120 counters, 95th percentile of frames, the same", turnedSlowly.p95, "ms", 34),
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
      row("Squares drawn of a times grid of 20 × 24", frames.squares, "squares", 480),
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
      row(`Scripting until a lesson of one board answers, ${slowed}`, scripting[0], "ms", 6000),
      row(
        "Scripting of a lesson of 40 boards with 30 steps ÷ of one board",
        scripting[1] / scripting[0],
        "times",
        1.5,
      ),
      ...judged("The shelf", said.shelf, said.removed, row),
      ...judged("A board with a chart", said.chart, said.removed, row),
      ...judged("A board with a line", said.line, said.removed, row),
      ...judged("A board with a times grid", said.times, said.removed, row),
      row(`${year}: answer of the server`, shelf.answer, "ms", 300),
      row(`${year}: answer ÷ of the same page without any`, shelf.answer / shelf.empty, "times", 5),
      row(`${year}: compressed page`, shelf.weight, "kB", 600),
      row(`${year}: until it stands, ${slowed}`, shelf.stands, "ms", 6000),
    ];
  } finally {
    await browser.close();
    await server.stop();
    for (const end of ["", "-wal", "-shm"]) rmSync(`${database}${end}`, { force: true });
  }
}

/** A page that is blocked for less, in milliseconds, is not a measure for others: from run to run it is twice as much or half. */
const LEAST_BLOCKED = 200;

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
    row(`${about}: blocked, 4 times slower`, page.blocked, "ms", 2 * LEAST_BLOCKED),
    row(
      `${about}: blocked ÷ the page of removed lessons, at least ${LEAST_BLOCKED} ms`,
      page.blocked / Math.max(LEAST_BLOCKED, empty.blocked),
      "times",
      2,
    ),
    row(`${about}: missing of 100, accessibility`, 100 - page.accessibility, "points", 0),
    row(`${about}: missing of 100, best practices`, 100 - page.bestPractices, "points", 0),
  ];
}

/** The JavaScript a page loads, in kB as it comes over the wire. */
async function scriptWeight(browser, address) {
  const { page, close } = await pageOf(browser);
  // The page has no pauses here: what it loads in them is not needed at its start.
  await page.addInitScript(() => {
    window.requestIdleCallback = () => 0;
  });
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

/** How long the server takes for a page it has made before, the median. */
async function answerTime(address) {
  const times = [];
  for (let i = 0; i < 12; i += 1) {
    const start = performance.now();
    await (await fetch(address)).text();
    times.push(performance.now() - start);
  }
  // The first ones are still being warmed up.
  return times.slice(3).sort((a, b) => a - b)[4];
}

/** The shelf with a year of lessons on it. */
async function shelfTime(browser, address) {
  const answer = await answerTime(address);
  // The same page with nothing on it: nothing has these letters.
  const empty = await answerTime(`${address}/?find=zzzzz`);
  const { page, close } = await pageOf(browser, SLOWED);
  const opened = performance.now();
  await page.goto(address, { waitUntil: "commit" });
  await page.getByRole("button", { name: "New lesson" }).waitFor();
  const stands = performance.now() - opened;
  const bytes = await page.evaluate(() => performance.getEntriesByType("navigation")[0].encodedBodySize);
  await close();
  return { answer, empty, stands, weight: bytes / 1000 };
}
