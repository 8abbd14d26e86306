import { pageOf, SLOWED } from "./page.mjs";

const TOUCHES = 60;
/** The first touches of a page run code that the browser has not compiled yet; they are not counted. */
const WARMING = 10;

/** A page of nothing but a button that changes colour: what this machine takes at least from touch to colour. */
const BARE = `<!doctype html><style>button{position:fixed;left:0;top:0;width:90px;height:50px}</style><button>touch</button>
<script>addEventListener("pointerdown",e=>{e.target.style.background=e.target.style.background?"":"gold"})</script>`;

/**
 * From a finger coming down to the frame in which its colour is painted, over many squares of each page; also the
 * most squares whose drawing one touch has changed. No address stands for the bare button. One page is open at a
 * time: the browser slows a page by keeping a processor busy, and a machine of two has none to spare for a second.
 */
export async function touchToPaint(browser, addresses) {
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

/** The most squares whose drawing one touch changes until its frame is painted. */
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
