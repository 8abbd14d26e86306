// @vitest-environment jsdom
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { bringInTurn } from "./bring-in-turn";

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

const SECOND = 1000;

/** Parts that note their names when they are loaded. */
function parts(...names: string[]) {
  const brought: string[] = [];
  return { brought, all: names.map((name) => ({ bring: async () => brought.push(name) })) };
}

test("parts are loaded one after the other, and none while something moves or a hand is at work", async () => {
  const { brought, all } = parts("one", "two", "three");
  let moves = true;
  bringInTurn(all, () => moves);
  await vi.advanceTimersByTimeAsync(10 * SECOND);
  expect(brought).toEqual([]);
  moves = false;
  // A finger that draws over the board, and goes on doing so.
  for (let i = 0; i < 10; i += 1) {
    window.dispatchEvent(new MouseEvent("pointermove", { buttons: 1 }));
    await vi.advanceTimersByTimeAsync(SECOND);
  }
  expect(brought).toEqual([]);
  // A mouse that passes over it.
  for (let i = 0; i < 5; i += 1) {
    window.dispatchEvent(new MouseEvent("pointermove", { buttons: 0 }));
    await vi.advanceTimersByTimeAsync(SECOND);
  }
  expect(brought).toEqual(["one", "two", "three"]);
});

test("loading is called off", async () => {
  const { brought, all } = parts("one");
  bringInTurn(all)();
  await vi.advanceTimersByTimeAsync(10 * SECOND);
  expect(brought).toEqual([]);
});
