import type { KeyboardEvent } from "react";
import { cellsOf, IN_FRAME, secondFrom } from "@/core/count/ten-frame";
import { manyOf } from "@/core/number/many-of";
import { isCoveredPart } from "@/core/scene/covered-part";
import { grown } from "../drawing";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Touchable } from "../touchable";
import { Counter } from "./counter";
import type { FramePart, FrameProps } from "./frames-drawing";
import { type FramesLayout, layOutFrames, middleOfCell } from "./frames-layout";

/** The frames with their counters. */
export function FrameCells({ view, scene, theme, framed, room, onCell, onPart }: FrameProps) {
  const layout = layOutFrames(view.frames, view.shape, room, grown(theme, 1));
  const { cell, frames, across, down } = layout;
  const cells = cellsOf(framed, view.frames);
  const isCovered = (part: FramePart) => isCoveredPart(scene, view.id, part);
  const inkOf = ({ of }: { of: FramePart }) => (of === "first" ? view.ink : view.otherInk);
  const from = secondFrom(framed, view.frames);
  const shown = cells.map((one) => (one && isCovered(one.of) ? null : one));
  const counted = shown.filter((one) => one && !one.left).length;
  const parts = (["first", "second"] as const).filter((part) => framed[part] > 0);
  const hides = parts.filter(isCovered);
  const name = hides.length > 0 ? "Frames, a part covered" : `Frames, ${manyOf(counted, "counter")}`;
  const covers = hides.flatMap((part) => {
    const rows =
      part === "first"
        ? coveredRows(layout, 0, framed.first, from)
        : coveredRows(layout, from, framed.second);
    return rows.map((box, row) => ({ part, box, asks: row === 0 }));
  });
  return (
    <div className="relative" style={room}>
      <svg role="img" aria-label={name} width={room.width} height={room.height} className="block">
        {frames.map(({ x, y }) => (
          <g key={`${x} ${y}`}>
            <rect
              x={round(x)}
              y={round(y)}
              width={round(across * cell)}
              height={round(down * cell)}
              rx={cell * 0.16}
              fill="var(--color-board)"
              stroke="var(--color-ink)"
              strokeWidth={Math.max(3, cell / 20)}
            />
            <path
              d={gridOf(x, y, cell, across, down)}
              stroke="var(--color-rule)"
              strokeWidth={Math.max(2, cell / 30)}
              fill="none"
            />
          </g>
        ))}
        {shown.map((one, index) => {
          if (!one) return null;
          const { x, y } = middleOfCell(layout, index);
          return (
            <g
              // biome-ignore lint/suspicious/noArrayIndexKey: a counter is where it lies.
              key={index}
              className={one.moved ? "rises" : undefined}
            >
              <Counter ink={inkOf(one)} x={x} y={y} radius={cell * 0.37} left={one.left} />
            </g>
          );
        })}
      </svg>
      {onCell &&
        cells.map((one, index) => {
          const { x, y } = middleOfCell(layout, index);
          // Cells under a cover cannot be touched.
          if (covers.some(({ box }) => isIn(box, x, y))) return null;
          return (
            <button
              // biome-ignore lint/suspicious/noArrayIndexKey: a cell is where it is.
              key={index}
              type="button"
              data-cell={index}
              aria-label={`Square ${index + 1}${one && !one.left && !isCovered(one.of) ? `, ${INK_STYLE[inkOf(one)].name.toLowerCase()} counter` : ""}`}
              tabIndex={index === 0 ? 0 : -1}
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => onCell(index)}
              onKeyDown={(event) => goOn(event, index, across)}
              className="absolute"
              style={{ left: x - cell / 2, top: y - cell / 2, width: cell, height: cell }}
            />
          );
        })}
      {covers.map(({ part, box, asks }) => (
        <Cover
          key={`${part} ${box.left} ${box.top}`}
          part={part}
          box={box}
          asks={asks}
          onTouch={onPart && (() => onPart(part))}
        />
      ))}
    </div>
  );
}

const isIn = ({ left, top, width, height }: Box, x: number, y: number) =>
  x > left && x < left + width && y > top && y < top + height;

type Box = { left: number; top: number; width: number; height: number };

/**
 * The cover over the counters of a number, row by row of its frames. It must not reveal how many lie in the last frame:
 * it extends to the frame's end, or to where the other number begins.
 */
function coveredRows(layout: FramesLayout, from: number, count: number, until?: number): Box[] {
  const last = Math.floor((from + Math.max(1, count) - 1) / IN_FRAME);
  const end = Math.min(until ?? Number.POSITIVE_INFINITY, (last + 1) * IN_FRAME);
  const { cell } = layout;
  const rows = new Map<number, { x: number; y: number }[]>();
  for (let index = from; index < end; index += 1) {
    const middle = middleOfCell(layout, index);
    const row = Math.floor(index / layout.across);
    rows.set(row, [...(rows.get(row) ?? []), middle]);
  }
  return [...rows.values()].map((middles) => {
    const left = middles[0]!.x - cell / 2;
    return {
      left: round(left + 4),
      top: round(middles[0]!.y - cell / 2 + 4),
      width: round(middles.length * cell - 8),
      height: round(cell - 8),
    };
  });
}

type CoverProps = {
  part: FramePart;
  box: Box;
  /** The question mark is in its first row. */
  asks: boolean;
  onTouch: (() => void) | undefined;
};

/** Over a part of the counters: how many are under it is for the class to work out. */
const Cover = ({ part, box, asks, onTouch }: CoverProps) => (
  <Touchable
    name={`${part === "first" ? "First" : "Second"} part, covered`}
    data-part={part}
    onTouch={onTouch}
    className="absolute flex items-center justify-center rounded-card bg-cover font-numeral leading-none font-bold text-on-cover"
    style={{ ...box, fontSize: box.height * 0.6 }}
  >
    {asks ? "?" : ""}
  </Touchable>
);

const gridOf = (x: number, y: number, cell: number, across: number, down: number) =>
  Array.from(
    { length: across - 1 },
    (_, i) => `M${round(x + (i + 1) * cell)} ${round(y + 2)}v${round(down * cell - 4)}`,
  ).join("") +
  Array.from(
    { length: down - 1 },
    (_, i) => `M${round(x + 2)} ${round(y + (i + 1) * cell)}h${round(across * cell - 4)}`,
  ).join("");

/** The arrow keys go from cell to cell while one has the keyboard; Escape gives them back to the stair. */
function goOn(event: KeyboardEvent<HTMLElement>, index: number, across: number): void {
  const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: across, ArrowUp: -across }[event.key];
  if (event.key === "Escape") event.currentTarget.blur();
  if (by === undefined) return;
  event.preventDefault();
  event.currentTarget.parentElement?.querySelector<HTMLElement>(`[data-cell="${index + by}"]`)?.focus();
}
