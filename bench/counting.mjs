import { MILDLY, pageOf } from "./page.mjs";

export function countingLesson(large, board) {
  const count = { ...board.count, by: "1", from: "1", every: 0.25, marks: true };
  return { ...large, boards: [{ ...large.boards[0], count }] };
}

/** How late the beats of a walking count are painted, over half a minute, and the first ones not counted. */
export async function countLateness(browser, address) {
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
