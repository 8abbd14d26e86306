import { MILDLY, pageOf } from "./page.mjs";

/** The length of the frames while two fingers draw a line nearer and further away. */
export async function zoomFrames(browser, address) {
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

/** The length of the frames while 120 counters move from groups to rows, are turned, and go back; without the press itself. */
export async function turningFrames(browser, address, slowed) {
  const { page, close } = await pageOf(browser, slowed);
  await page.goto(address);
  const turn = page.getByRole("button", { name: /^(As rows|Turn it|As groups)$/ });
  await turn.waitFor();
  await page.waitForTimeout(6000);
  const times = [];
  for (let i = 0; i < 9; i += 1) {
    await turn.click();
    // They move for a third of a second.
    times.push(...(await framesOf(page, 20)));
    await page.waitForTimeout(600);
  }
  const sorted = times.toSorted((a, b) => a - b);
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
export async function lineFrames(browser, address, zooms = [0]) {
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
export async function slidingFrames(browser, address) {
  const { page, cdp, close } = await pageOf(browser, MILDLY);
  await page.goto(address);
  const grid = page.getByRole("grid");
  await grid.waitFor();
  await page.waitForTimeout(6000);
  const squares = await page.locator("[data-cell]").count();
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
    squares,
  };
}
