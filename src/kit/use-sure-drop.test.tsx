// @vitest-environment jsdom
import {
  type CollisionDetection,
  closestCenter,
  type DragEndEvent,
  type DragStartEvent,
} from "@dnd-kit/core";
import { renderHook } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { useSureDrop } from "./use-sure-drop";

type Args = Parameters<CollisionDetection>[0];
const boxAt = (left: number) => ({ left, right: left + 100, top: 0, bottom: 100, width: 100, height: 100 });
/** Three cards in a row, the third under the hand, which was drawn at `x`. */
const seenAt = (x: number) =>
  ({
    droppableRects: new Map([0, 1, 2].map((i) => [`${i}`, boxAt(100 * i)])),
    droppableContainers: [0, 1, 2].map((i) => ({ id: `${i}` })),
    collisionRect: boxAt(x - 50),
    pointerCoordinates: { x, y: 50 },
  }) as unknown as Args;
const pointer = (type: string, x: number, pointerId = 1) =>
  new PointerEvent(type, { clientX: x, clientY: 50, pointerId });
const dropped = (by: Event, ...moves: PointerEvent[]) => {
  const onDrop = vi.fn();
  const { result, unmount } = renderHook(() => useSureDrop(closestCenter, onDrop));
  result.current.onDragStart({ activatorEvent: by } as unknown as DragStartEvent);
  result.current.collisionDetection(seenAt(160));
  for (const move of moves) window.dispatchEvent(move);
  result.current.onDragEnd({ active: { id: "2" }, over: { id: "1" } } as unknown as DragEndEvent);
  unmount();
  return onDrop.mock.calls;
};

test("what is dragged ends where the hand lets go, however long ago the page was drawn", () => {
  const down = pointer("pointerdown", 250);
  expect(dropped(down, pointer("pointermove", 160))).toEqual([["2", "1"]]);
  expect(dropped(down, pointer("pointermove", 90), pointer("pointerup", 40))).toEqual([["2", "0"]]);
  // Another finger drags nothing.
  expect(dropped(down, pointer("pointermove", 160), pointer("pointermove", 40, 2))).toEqual([["2", "1"]]);
});

test("by keys it ends where it was seen", () => {
  expect(dropped(new KeyboardEvent("keydown"), pointer("pointermove", 40))).toEqual([["2", "1"]]);
});
