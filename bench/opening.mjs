const TIMES = 9;
const LOST_MS = 6000;

/** Says from the page when something is first painted: its time since the page was asked for. */
const watching = ([stands, answered]) => {
  const said = {};
  const isPainted = () => performance.getEntriesByType("paint").length > 0;
  const look = () => {
    for (const [what, selector] of Object.entries({ stands, touchable: stands, answered })) {
      if (said[what] || !selector || !document.querySelector(selector)) continue;
      // What a finger does on a page before anything of it is seen, the browser drops.
      if (what === "touchable" && !isPainted()) continue;
      said[what] = true;
      globalThis.painted(JSON.stringify({ what, at: performance.now() }));
    }
    requestAnimationFrame(look);
  };
  requestAnimationFrame(look);
};

const NUMBER = "main text";
/** A mark on the board's picture, or on the board once it is alive. */
const MARKED = "[data-early='55'], [data-cell='54'] polygon";

/**
 * How soon a page stands, and on a board how soon a finger's first mark is seen, touched as soon as its numbers stand.
 * @returns medians in milliseconds
 */
export async function openings(pageOf, server, boardAddress) {
  const point = await whereIs(pageOf, boardAddress, /^55$/);
  const removed = [];
  const stands = [];
  const answered = [];
  for (let i = 0; i < TIMES; i += 1) {
    removed.push((await opening(pageOf, `${server}/removed`, "main h1, h1")).stands);
    const board = await touched(pageOf, boardAddress, { point, marked: MARKED });
    stands.push(board.stands);
    answered.push(board.answered);
  }
  return { removed: median(removed), stands: median(stands), answered: median(answered) };
}

/** A board that was touched. A finger that comes while the browser changes from page to page is lost: then once more. */
async function touched(pageOf, address, touch) {
  for (;;) {
    const board = await opening(pageOf, address, NUMBER, touch);
    if (board.answered !== undefined) return board;
  }
}

/** The middle of a number on a board. */
async function whereIs(pageOf, address, number) {
  const { page, close } = await pageOf();
  await page.goto(address);
  const box = await page.locator(NUMBER, { hasText: number }).first().boundingBox();
  await close();
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function opening(pageOf, address, stands, touch) {
  const { page, cdp, close } = await pageOf();
  const first = {};
  // What the page says comes at once; to be asked it would have to have time for an answer.
  await cdp.send("Runtime.enable");
  await cdp.send("Runtime.addBinding", { name: "painted" });
  // A finger that the browser makes of a mouse. `Input.dispatchTouchEvent` is kept back until the page has painted once more,
  // which no finger waits for: it would always stand behind the page's longest task.
  await cdp.send("Emulation.setTouchEmulationEnabled", { enabled: true });
  await cdp.send("Emulation.setEmitTouchEventsForMouse", { enabled: true });
  const done = new Promise((resolve) => {
    cdp.on("Runtime.bindingCalled", ({ payload }) => {
      const { what, at } = JSON.parse(payload);
      first[what] = at;
      if (what === "touchable" && touch) press(cdp, touch.point);
      if (what === "answered" || !touch) resolve();
    });
  });
  await page.addInitScript(watching, [stands, touch?.marked]);
  await page.goto(address, { waitUntil: "commit" });
  await Promise.race([done, page.waitForTimeout(LOST_MS)]);
  await close();
  return first;
}

function press(cdp, point) {
  const pressed = { type: "mousePressed", ...point, button: "left", buttons: 1, clickCount: 1 };
  // Its answer comes when the page has time for it, perhaps once it is closed.
  cdp.send("Input.dispatchMouseEvent", pressed).catch(() => {});
}

/**
 * How long a page's scripts run until a board of a lesson answers, its processor slowed.
 * @returns the median for each address, in milliseconds
 */
export async function scriptingTime(pageOf, addresses) {
  const all = addresses.map(() => []);
  for (let i = 0; i < TIMES; i += 1) {
    for (const [at, address] of addresses.entries()) {
      const { page, cdp, close } = await pageOf();
      await cdp.send("Performance.enable");
      await page.goto(address);
      await page.locator("[data-cell]").first().waitFor();
      const { metrics } = await cdp.send("Performance.getMetrics");
      all[at].push(1000 * metrics.find(({ name }) => name === "ScriptDuration").value);
      await close();
    }
  }
  return all.map(median);
}

const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
