// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import { expect, test } from "vitest";
import { useSingleTap } from "./use-single-tap";

type Handlers = ReturnType<typeof useSingleTap>;

/** A button, and how often it has run. Times are in milliseconds. */
function button(hands?: Parameters<typeof useSingleTap>[1]) {
  const runs = { count: 0 };
  const { result } = renderHook(() => useSingleTap(() => void runs.count++, hands));
  const send = (kind: keyof Handlers, event: object) =>
    (result.current[kind] as (event: object) => void)(event);
  return {
    runs,
    /** A press that begins at one time, and is heard of at another. */
    press: (pointerType: "touch" | "mouse", down: number, heard = down + 20, detail = 1) => {
      send("onPointerDown", { pointerType, timeStamp: down });
      send("onClick", { timeStamp: heard, detail });
    },
    clickAlone: (timeStamp: number) => send("onClick", { timeStamp }),
    key: (timeStamp: number) => {
      send("onKeyDown", { key: " ", repeat: false });
      send("onClick", { timeStamp });
    },
  };
}

test("a double tap counts once, two taps count twice, however late a slow computer hears of them", () => {
  const { runs, press } = button();
  press("touch", 1000);
  press("touch", 1150);
  expect(runs.count).toBe(1);
  press("touch", 1400, 2600);
  expect(runs.count).toBe(2);
  // It began later than that, though it is heard of at once.
  press("touch", 1800, 2601);
  expect(runs.count).toBe(3);
});

test("mouse and keys press as fast as they like, but for a button that undoes what it did", () => {
  for (const [hands, byMouse] of [
    ["fingers", 3],
    ["every hand", 1],
  ] as const) {
    const { runs, press, key } = button(hands);
    for (const [nth, at] of [1000, 1100, 1200].entries()) press("mouse", at, at + 20, nth + 1);
    expect([hands, runs.count]).toEqual([hands, byMouse]);
    for (const at of [1300, 1350]) key(at);
    expect(runs.count).toBe(byMouse + 2);
    // Two presses that the computer does not call a double click are two.
    press("mouse", 1400);
    expect(runs.count).toBe(byMouse + 3);
  }
});

test("a click that was made before the page's code was there is the first of a double tap", () => {
  const { runs, press, clickAlone } = button();
  clickAlone(1000);
  press("touch", 1100);
  expect(runs.count).toBe(1);
  press("touch", 1500);
  expect(runs.count).toBe(2);
});
