"use client";

import { type KeyboardEvent, useState } from "react";
import type { Graph, GraphPoint } from "@/core/lesson/graph-of";
import type { NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import type { DrawnPoints } from "./use-chart";

/** The size of a touch target; its middle is the point. */
const SIZE = 44;

type Props = {
  drawn: DrawnPoints;
  hidden: boolean;
  onTouch: (number: NumberKey) => void;
};

/**
 * Where the points of a graph are touched: Chart.js draws a picture, and these lie over it. One of them is in the tab order;
 * the arrow keys go from point to point.
 */
export function Spots({ drawn: { spots, as }, hidden, onTouch }: Props) {
  const [at, setAt] = useState(0);
  const here = Math.min(at, spots.length - 1);
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
    if (event.key === "Escape") (event.target as HTMLElement).blur();
    if (by === 0) return;
    const to = Math.max(0, Math.min(spots.length - 1, here + by));
    setAt(to);
    event.currentTarget.querySelectorAll("button")[to]?.focus();
    event.preventDefault();
    event.stopPropagation();
  };
  // If points are close together, targets do not overlap.
  const apart = spots.flatMap(({ left }, i) => (i === 0 ? [] : Math.abs(left - spots[i - 1]!.left)));
  const width = Math.min(SIZE, ...apart.filter((gap) => gap > 0));
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the arrow keys go between the buttons inside.
    <div onKeyDown={onKeyDown}>
      {spots.map(({ point, left, top }, i) => (
        <button
          // biome-ignore lint/suspicious/noArrayIndexKey: a point is where it stands in its sequence.
          key={i}
          type="button"
          tabIndex={i === here ? 0 : -1}
          aria-label={nameOf(point, as, hidden)}
          onMouseDown={(event) => event.preventDefault()}
          onFocus={() => setAt(i)}
          onClick={() => onTouch(point.number)}
          className="absolute rounded-full"
          style={{ left: left - width / 2, top: top - SIZE / 2, width, height: SIZE }}
        />
      ))}
    </div>
  );
}

function nameOf({ number, x, y, covered }: GraphPoint, as: Graph["as"], hidden: boolean): string {
  const where = as === "bars" ? `Bar of ${showNumber(String(x))}` : `Point at position ${x}`;
  if (covered || hidden) return `${where}, covered`;
  if (as === "points") return `${where}: ${showNumber(number)}`;
  return `${where}: ${manyOf(y, "factor")}`;
}
