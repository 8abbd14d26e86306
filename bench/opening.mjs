const TIMES = 5;

/** Says in the page when something is first painted: its time since the page was asked for. */
const watching = ([stands, answered]) => {
  const first = {};
  globalThis.__first = first;
  const look = () => {
    const now = performance.now();
    if (!first.stands && document.querySelector(stands)) first.stands = now;
    if (answered && !first.answered && document.querySelector(answered)) first.answered = now;
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

const NUMBER = "main text";
const ALIVE = "[data-cell='54']";
const MARKED = "[data-cell='54'] polygon";

/**
 * How soon a page stands, and on a board how soon a finger's first mark is seen, touched as soon as the board is alive.
 * @returns medians in milliseconds
 */
export async function openings(pageOf, server, boardAddress) {
  const removed = [];
  const stands = [];
  const answered = [];
  for (let i = 0; i < TIMES; i += 1) {
    removed.push((await opening(pageOf, `${server}/removed`, "main h1, h1")).stands);
    const board = await opening(pageOf, boardAddress, NUMBER, MARKED);
    stands.push(board.stands);
    answered.push(board.answered);
  }
  return { removed: median(removed), stands: median(stands), answered: median(answered) };
}

async function opening(pageOf, address, stands, answered) {
  const { page, cdp, close } = await pageOf();
  await page.addInitScript(watching, [stands, answered]);
  await page.goto(address, { waitUntil: "commit" });
  await page.waitForFunction(() => globalThis.__first?.stands);
  if (answered) {
    const box = await page.locator(NUMBER, { hasText: /^55$/ }).first().boundingBox();
    const point = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    // A touch before the board is alive has nobody to answer it.
    await page.locator(ALIVE).waitFor({ state: "attached" });
    await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [point] });
    await page.waitForFunction(() => globalThis.__first.answered);
  }
  const first = await page.evaluate(() => globalThis.__first);
  await close();
  return first;
}

const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
