// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { useRef } from "react";
import { afterEach, beforeEach, expect, test, vi } from "vitest";
import { useFingerFirst } from "./use-finger-first";

let heard: string[] = [];

function Board() {
  const chart = useRef<HTMLDivElement>(null);
  useFingerFirst(chart, (event) => heard.push(`chart ${event.pointerId}`));
  return (
    <main
      onPointerDown={(event) => heard.push(`page ${event.pointerId}`)}
      onPointerOver={() => heard.push("over")}
      onTouchStart={() => heard.push("touch")}
    >
      <div ref={chart}>
        <b>48</b>
      </div>
      <i>rail</i>
    </main>
  );
}

beforeEach(() => {
  heard = [];
  vi.useFakeTimers();
  render(<Board />);
});
afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const down = (on: string, pointerType: string, pointerId = 1) =>
  fireEvent(
    screen.getByText(on),
    new PointerEvent("pointerdown", { bubbles: true, cancelable: true, pointerType, pointerId }),
  );

test("a finger is told to the chart at once, and to the page once, after the frame", () => {
  down("48", "touch");
  expect(heard).toEqual(["chart 1"]);
  vi.advanceTimersByTime(100);
  expect(heard).toEqual(["chart 1", "page 1"]);
  vi.advanceTimersByTime(100);
  expect(heard).toHaveLength(2);
});

test("a finger that leaves sooner is told to the page before its end is", () => {
  down("48", "touch", 3);
  fireEvent(screen.getByText("48"), new PointerEvent("pointerup", { bubbles: true, pointerId: 3 }));
  expect(heard).toEqual(["chart 3", "page 3"]);
  vi.advanceTimersByTime(100);
  expect(heard).toHaveLength(2);
});

test("several fingers are kept apart, and a mouse keeps nobody waiting", () => {
  down("48", "touch", 4);
  down("48", "touch", 5);
  down("48", "mouse", 1);
  expect(heard).toEqual(["chart 4", "chart 5", "chart 1", "page 1"]);
  vi.advanceTimersByTime(100);
  expect(heard.slice(4)).toEqual(["page 4", "page 5"]);
});

test("what says a touch again stays away from the page; beside the chart all is as ever", () => {
  const over = () => new PointerEvent("pointerover", { bubbles: true, pointerType: "touch" });
  fireEvent.touchStart(screen.getByText("48"));
  fireEvent(screen.getByText("48"), over());
  expect(heard).toEqual([]);
  down("rail", "touch");
  fireEvent.touchStart(screen.getByText("rail"));
  fireEvent(screen.getByText("rail"), over());
  expect(heard).toEqual(["page 1", "touch", "over"]);
});
