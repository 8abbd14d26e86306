import { expect, type Locator, type Page } from "@playwright/test";

/** The ways in which everything can be done. */
export const HANDS = ["touch", "mouse", "keys"] as const;
export type Hand = (typeof HANDS)[number];

/** What a finger touched last on a page, where, and when. */
const lastTaps = new WeakMap<Page, { on: string; spot: Point | null; at: number }>();

/**
 * A touch of its own: on the same thing, or on the same spot, it does not come so soon after the last one that it would be
 * half of a double tap.
 */
export async function tap(what: Locator) {
  const page = what.page();
  const box = await what.boundingBox();
  const spot = box && { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  const last = lastTaps.get(page);
  const isSame = last?.on === String(what) || (last?.spot && spot && farFrom(last.spot, spot) < 50);
  if (last && isSame) await page.waitForTimeout(Math.max(0, last.at + 400 - Date.now()));
  await what.tap();
  lastTaps.set(page, { on: String(what), spot, at: Date.now() });
}

const farFrom = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

/** Presses a button, a choice, or a place, with a finger, the mouse, or the keyboard. */
export async function press(hand: Hand, what: Locator) {
  if (hand === "touch") return tap(what);
  if (hand === "mouse") return what.click();
  await expect(what).toBeEnabled();
  await keyboardIsBack(what.page());
  await what.focus();
  // A radio button takes the space bar; everything takes one of the two keys.
  const role = await what.getAttribute("role");
  await what.press(role === "radio" || role === "switch" ? "Space" : "Enter");
}

/** Turns to a page of a panel. */
export const turnTo = (page: Page, name: string, hand: Hand = "mouse") =>
  press(hand, page.getByRole("tab", { name, exact: true }));

/** Chooses from a list that opens. */
export async function choose(hand: Hand, list: Locator, option: string) {
  await press(hand, list);
  const wanted = list.page().getByRole("option", { name: option, exact: true });
  await expect(wanted).toBeVisible();
  if (hand !== "keys") return press(hand, wanted);
  // From the top down, each key once the one before has been seen to act.
  const options = list.page().getByRole("option");
  await list.page().keyboard.press("Home");
  await expect(options.first()).toBeFocused();
  const below = (await options.allTextContents()).indexOf(option);
  for (let at = 1; at <= below; at++) {
    await list.page().keyboard.press("ArrowDown");
    await expect(options.nth(at)).toBeFocused();
  }
  await list.page().keyboard.press("Enter");
}

/** Puts one more view on the board that is prepared. */
export async function addView(page: Page, name: string) {
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("tab", { name: "Arrange" }).click();
  // By keys: a long list may still be positioning itself while a mouse comes down on it.
  await choose("keys", page.getByRole("combobox", { name: "Add a view" }), name);
}

/** Closes the open panel or menu, and waits until it has returned the focus. */
export async function shut(page: Page) {
  await page.keyboard.press("Escape");
  await expect(page.locator("[role=dialog], [role=menu]")).toHaveCount(0);
  await keyboardIsBack(page);
}

/** A closing panel returns the focus in a timeout; one that is set now comes after it. */
export const keyboardIsBack = (page: Page) => page.evaluate(() => new Promise((done) => setTimeout(done)));

/** Rests on a place while something is looked at, and lets go. */
export async function rest(hand: Hand, page: Page, what: Locator, meanwhile: () => Promise<void>) {
  if (hand === "keys") {
    await what.focus();
    await page.keyboard.down("Enter");
    await meanwhile();
    return page.keyboard.up("Enter");
  }
  const finger = await fingerOf(hand, page);
  await finger.down(await middleOf(what));
  await meanwhile();
  await finger.up();
}

/** Takes one thing to another: by a drag, or by the keyboard with a press on the one and then on the other. */
export async function carry(hand: Hand, page: Page, from: Locator, to: Locator) {
  if (hand === "keys") {
    await press(hand, from);
    return press(hand, to);
  }
  const [start, end] = [await middleOf(from), await middleOf(to)];
  const finger = await fingerOf(hand, page);
  await finger.down(start);
  for (let part = 1; part <= 8; part++) {
    await finger.move({
      x: start.x + ((end.x - start.x) * part) / 8,
      y: start.y + ((end.y - start.y) * part) / 8,
    });
  }
  await finger.up();
}

type Point = { x: number; y: number };

/** The middle of something, once it stands still: what opens beside it may still make it smaller. */
export async function middleOf(what: Locator): Promise<Point> {
  const now = async () => JSON.stringify(await what.boundingBox());
  const seen: string[] = [];
  // Three times the same in a row, a few frames apart.
  await expect
    .poll(
      async () => {
        seen.push(await now());
        return new Set(seen.slice(-3)).size === 1 && seen.length > 2;
      },
      { intervals: [120] },
    )
    .toBe(true);
  const box = JSON.parse(seen.at(-1)!);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/**
 * Two presses on one spot, as a double tap of a hand, that begin so many milliseconds after each other. The times are
 * told to the browser: on a busy machine the second press may be sent later than any hand would make it.
 */
export async function twice(hand: "touch" | "mouse", page: Page, { x, y }: Point, apart: number) {
  const cdp = await page.context().newCDPSession(page);
  const began = Date.now() / 1000;
  for (const [clickCount, after] of [
    [1, 0],
    [2, apart],
  ] as const) {
    const [timestamp, up] = [began + after / 1000, began + (after + 20) / 1000];
    if (hand === "touch") {
      await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [{ x, y }], timestamp });
      await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [], timestamp: up });
    } else {
      const at = { x, y, button: "left", clickCount } as const;
      await cdp.send("Input.dispatchMouseEvent", { type: "mousePressed", ...at, timestamp });
      await cdp.send("Input.dispatchMouseEvent", { type: "mouseReleased", ...at, timestamp: up });
    }
    await page.waitForTimeout(clickCount === 1 ? apart : 0);
  }
  await cdp.detach();
}

/** A finger or the mouse, moved step by step. */
async function fingerOf(hand: "touch" | "mouse", page: Page) {
  if (hand === "mouse") {
    return {
      down: async ({ x, y }: Point) => {
        await page.mouse.move(x, y);
        await page.mouse.down();
      },
      move: ({ x, y }: Point) => page.mouse.move(x, y),
      up: () => page.mouse.up(),
    };
  }
  const cdp = await page.context().newCDPSession(page);
  const touch = (type: "touchStart" | "touchMove" | "touchEnd", touchPoints: Point[]) =>
    cdp.send("Input.dispatchTouchEvent", { type, touchPoints });
  return {
    down: (at: Point) => touch("touchStart", [at]),
    move: (at: Point) => touch("touchMove", [at]),
    up: () => touch("touchEnd", []),
  };
}

/** Waits until what reports about a board has followed it, a frame or two later. */
export const framesLater = (page: Page) =>
  page.evaluate(
    () =>
      new Promise((done) =>
        requestAnimationFrame(() =>
          requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done))),
        ),
      ),
  );
