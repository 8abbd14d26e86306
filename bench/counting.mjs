import { MILDLY, pageOf } from "./page.mjs";

export function countingLesson(large, board) {
  const count = { ...board.count, by: "1", from: "1", every: 0.25, marks: true };
  return { ...large, boards: [{ ...large.boards[0], count }] };
}

/** The same count over a chart of 300, with a line and the pieces of each number beside it. */
export function piecesLesson(large, board, line) {
  const lesson = countingLesson(large, board);
  const [chart] = lesson.boards[0].views;
  const views = [
    { ...chart, columns: 20, until: { by: "rows", rows: 15 } },
    { ...line, from: "0", to: "300", interval: "50", pinned: true },
    {
      id: "place-value",
      kind: "place-value",
      as: "blocks",
      pieces: "shown",
      digits: "shown",
      expanded: "shown",
      words: "shown",
    },
  ];
  return { ...lesson, boards: [{ ...lesson.boards[0], views, layout: { run: "beside", share: 0.6 } }] };
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
