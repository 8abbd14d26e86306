"use client";

import { type FocusEvent, type KeyboardEvent, memo, useMemo, useRef, useState } from "react";
import type { Trail } from "@/core/count/trail";
import { keyOfText, type NumberKey } from "@/core/number/exact";
import { manyOf } from "@/core/number/many-of";
import { isCoveredAt } from "@/core/scene/scene";
import { type ChartSettings, lastNumber } from "@/core/surface/chart";
import type { ViewId } from "@/core/views/view-id";
import { useScreenHeight } from "@/kit/use-screen-height";
import { type Size, useSize } from "@/kit/use-size";
import { edgesGrown } from "../drawing";
import type { Over } from "../pen/anchors";
import { useCells } from "../scene/cells";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import { AskedCell } from "./asked-cell";
import { cellElement, cellIndexOf } from "./cell-element";
import { CellRing } from "./cell-ring";
import { chartAnchors } from "./chart-anchors";
import { type ChartLayout, cornerOf, insideGuides, layOutChart, textIn } from "./chart-layout";
import { ChartLines } from "./chart-lines";
import { ChartRows } from "./chart-rows";
import { DrawnSymmetry } from "./drawn-symmetry";
import { EDGE, Edges } from "./edges";
import { FocusRing } from "./focus-ring";
import { Guides, LiveGuideLight } from "./guides";
import { PeekFace } from "./peek";
import { Route } from "./route";
import { useKeyPress } from "./use-key-press";
import { type Sweep, useSweep } from "./use-sweep";

type Props = {
  settings: ChartSettings;
  /** Its id on its board, by which strokes over it are found. */
  id?: ViewId;
  source: SceneSource;
  /** Heavier lines and larger numerals, for "Back of the room". */
  strong: boolean;
  /** The size of its room, if known before it is measured. */
  firstSize?: Size | undefined;
  sweep?: Sweep;
  /** A touch on the edge of a whole row or column; without it there are no such edges. */
  onLine?: (numbers: NumberKey[]) => void;
  /** The cell that waits for its number, with what was typed for it so far. */
  asks?: { number: NumberKey; typed: string } | null;
  /** An overlay that is anchored to the chart's numbers. */
  over?: Over;
  /** Whether a trail is the count of the board; if not given, every trail is. */
  isCount?: (trail: Trail) => boolean;
};

const EVERY_TRAIL = () => true;

const BEFORE_MEASURED: Size = { width: 880, height: 560 };

/** A chart that fills its room. It re-renders when its settings or size change; its cells update by themselves. */
export const Chart = memo(function Chart({
  settings,
  id,
  source,
  strong,
  firstSize,
  sweep,
  onLine,
  asks,
  over,
  isCount = EVERY_TRAIL,
}: Props) {
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, firstSize ?? BEFORE_MEASURED);
  const guides = useSceneLate(source, (scene) => scene.guides);
  const screen = useScreenHeight();
  const edge = onLine ? EDGE * edgesGrown({ screen }) : 0;
  const layout = useMemo(() => {
    const room = { width: size.width - edge, height: size.height - edge };
    return layOutChart(settings, guides ? insideGuides(room) : room, strong);
  }, [settings, size, strong, guides, edge]);
  const cells = useCells(source);
  const grid = useRef<HTMLDivElement>(null);
  const { pointers, peeked } = useSweep(grid, layout, sweep);
  const keys = useKeyPress(sweep);

  const ends = [keyOfText(settings.first), lastNumber(settings)];
  const isTold = useSceneLate(source, (scene) => !ends.some((end) => isCoveredAt(scene, end)));
  const name = isTold
    ? `Chart from ${ends.map((end) => textIn(layout, end)).join(" to ")}`
    : `Chart, ${manyOf(layout.rows, "row")} of ${layout.columns}`;

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const index = cellIndexOf(event.target);
    if (index === null || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    const to = cellByKey(event.key, index, layout);
    if (to !== null) cellElement(event.currentTarget, to)?.focus();
    else if (event.key === "Enter" || event.key === " ") keys.down(layout.numbers[index]!, event.repeat);
    else if (event.key === "Escape") (event.target as SVGElement).blur();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const anchors = useMemo(() => chartAnchors(layout), [layout]);
  const shown = peeked ?? (keys.peeked === null ? undefined : layout.indexOf.get(keys.peeked));
  const asked = asks ? layout.indexOf.get(asks.number) : undefined;

  // One cell at a time is in the tab order: the one focused last.
  const [withKeyboard, setWithKeyboard] = useState<number | null>(null);
  const onFocus = (event: FocusEvent<HTMLElement>) => {
    for (const old of event.currentTarget.querySelectorAll('[data-cell][tabindex="0"]')) {
      old.setAttribute("tabindex", "-1");
    }
    event.target.setAttribute("tabindex", "0");
    setWithKeyboard(event.target.matches(":focus-visible") ? cellIndexOf(event.target) : null);
  };

  return (
    <div ref={room} className="flex size-full items-center justify-center">
      <div
        className="relative isolate shrink-0"
        style={{
          width: layout.width,
          height: layout.height,
          marginLeft: edge,
          marginBottom: edge,
        }}
      >
        {onLine && <Edges layout={layout} edge={edge} onLine={onLine} />}
        {/* biome-ignore lint/a11y/useSemanticElements: a table cannot be drawn in SVG. */}
        <div
          ref={grid}
          role="grid"
          aria-label={name}
          aria-rowcount={layout.rows}
          aria-colcount={layout.columns}
          className="relative touch-none select-none"
          style={{ width: layout.width, height: layout.height }}
          onKeyDown={onKeyDown}
          onFocus={onFocus}
          onBlur={() => {
            setWithKeyboard(null);
            keys.leave();
          }}
          onKeyUp={keys.onKeyUp}
          onMouseDown={(event) => event.preventDefault()}
          onContextMenu={(event) => event.preventDefault()}
          {...pointers}
        >
          <svg
            aria-hidden
            width={layout.width}
            height={layout.height}
            className="pointer-events-none absolute inset-0"
          >
            <LiveGuideLight layout={layout} source={source} />
          </svg>
          <ChartRows layout={layout} cells={cells} />
          <svg
            aria-hidden
            width={layout.width}
            height={layout.height}
            className="pointer-events-none absolute inset-0 z-10 overflow-visible"
          >
            <ChartLines layout={layout} climb={settings.climb} />
          </svg>
          <svg
            aria-hidden
            width={layout.width}
            height={layout.height}
            className="pointer-events-none absolute inset-0 z-20 overflow-visible"
          >
            <Guides layout={layout} settings={settings} source={source} gap={edge} />
            {id !== undefined && <DrawnSymmetry id={id} layout={layout} source={source} />}
            {asked !== undefined && (
              <AskedCell layout={layout} corner={cornerOf(layout, asked)} typed={asks?.typed ?? ""} />
            )}
            <Route layout={layout} source={source} isCount={isCount} />
            <FocusRing layout={layout} source={source} />
            {shown !== undefined && (
              <PeekFace
                layout={layout}
                corner={cornerOf(layout, shown)}
                target={layout.numbers[shown] ?? ""}
              />
            )}
            {withKeyboard !== null && withKeyboard < layout.numbers.length && (
              <CellRing layout={layout} corner={cornerOf(layout, withKeyboard)} of="keyboard" />
            )}
          </svg>
        </div>
        {over?.(anchors, layout.width, layout.height)}
      </div>
    </div>
  );
});

/** Where a key moves the focus from a cell, as in any grid; null for other keys. */
function cellByKey(key: string, index: number, { columns, numbers }: ChartLayout): number | null {
  const rowStart = index - (index % columns);
  const within = (to: number) => (numbers[to] ? to : index);
  switch (key) {
    case "ArrowLeft":
      return within(index - 1);
    case "ArrowRight":
      return within(index + 1);
    case "ArrowUp":
      return within(index - columns);
    case "ArrowDown":
      return within(index + columns);
    case "Home":
      return rowStart + numbers.slice(rowStart).findIndex((number) => number !== null);
    case "End":
      return numbers.findLastIndex((number, i) => number !== null && i < rowStart + columns);
    default:
      return null;
  }
}
