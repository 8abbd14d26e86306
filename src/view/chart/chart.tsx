"use client";

import { type FocusEvent, type KeyboardEvent, memo, useMemo, useRef, useState } from "react";
import { keyOfText } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { type ChartSettings, lastNumber } from "@/core/surface/chart";
import { type Size, useSize } from "@/kit/use-size";
import type { SceneSource } from "../scene/scene-source";
import { layOutChart } from "./chart-layout";
import { ChartLines } from "./chart-lines";
import { FocusRing } from "./focus-ring";
import { Place } from "./place";
import { PlaceRing } from "./place-ring";
import { KEYBOARD, type Run, useRun } from "./use-run";

type Props = {
  settings: ChartSettings;
  source: SceneSource;
  /** Heavier lines and larger numerals, for the back of the room. */
  strong: boolean;
  run?: Run;
};

const BEFORE_MEASURED: Size = { width: 880, height: 560 };

/** A chart that fills the room it is given. It redraws when its settings or size change; its places by themselves. */
export const Chart = memo(function Chart({ settings, source, strong, run }: Props) {
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, BEFORE_MEASURED);
  const layout = useMemo(() => layOutChart(settings, size, strong), [settings, size, strong]);
  const pointers = useRun(layout, run);

  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const index = indexOf(event.target);
    if (index === null || event.ctrlKey || event.metaKey || event.altKey) return;
    const to = placeByKey(event.key, index, layout.columns, layout.numbers.length);
    if (to !== null) placeElement(event.currentTarget, to)?.focus();
    else if (event.key === "Enter" || event.key === " ") {
      run?.begin(layout.numbers[index]!, KEYBOARD);
      run?.end(KEYBOARD);
    } else if (event.key === "Escape") (event.target as SVGElement).blur();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  // One place at a time is in the tab order: the one that had the keyboard last.
  const [withKeyboard, setWithKeyboard] = useState<number | null>(null);
  const onFocus = (event: FocusEvent<HTMLElement>) => {
    for (const old of event.currentTarget.querySelectorAll('[data-place][tabindex="0"]')) {
      old.setAttribute("tabindex", "-1");
    }
    event.target.setAttribute("tabindex", "0");
    setWithKeyboard(event.target.matches(":focus-visible") ? indexOf(event.target) : null);
  };

  return (
    <div ref={room} className="flex size-full items-center justify-center">
      {/* biome-ignore lint/a11y/useSemanticElements: a table cannot be drawn in SVG. */}
      <div
        role="grid"
        aria-label={`Chart from ${showNumber(keyOfText(settings.first))} to ${showNumber(lastNumber(settings))}`}
        aria-rowcount={layout.rows}
        aria-colcount={layout.columns}
        className="relative shrink-0 touch-none select-none"
        style={{ width: layout.width, height: layout.height }}
        onKeyDown={onKeyDown}
        onFocus={onFocus}
        onBlur={() => setWithKeyboard(null)}
        onMouseDown={(event) => event.preventDefault()}
        onContextMenu={(event) => event.preventDefault()}
        {...pointers}
      >
        {Array.from({ length: layout.rows }, (_, row) => (
          // Each row is a drawing shut off from the others: the browser looks for a finger in one row, and lays out
          // and paints again only the row that a touch has changed.
          // biome-ignore lint/a11y/useSemanticElements: a table row cannot be drawn in SVG.
          // biome-ignore lint/a11y/useFocusableInteractive: the places of the row take the keyboard, not the row.
          <div
            key={layout.numbers[row * layout.columns]}
            role="row"
            aria-rowindex={row + 1}
            className="absolute left-0 z-0"
            style={{
              top: row * layout.cellHeight,
              width: layout.width,
              height: layout.cellHeight,
              contain: "strict",
            }}
          >
            <svg
              role="presentation"
              width={layout.width}
              height={layout.cellHeight}
              className="block overflow-visible"
            >
              {Array.from({ length: layout.columns }, (_, column) => {
                const index = row * layout.columns + column;
                return <Place key={layout.numbers[index]} layout={layout} index={index} source={source} />;
              })}
            </svg>
          </div>
        ))}
        <svg
          aria-hidden
          width={layout.width}
          height={layout.height}
          className="pointer-events-none absolute inset-0 z-10 overflow-visible"
        >
          <ChartLines layout={layout} />
        </svg>
        <svg
          aria-hidden
          width={layout.width}
          height={layout.height}
          className="pointer-events-none absolute inset-0 z-20 overflow-visible"
        >
          <FocusRing layout={layout} source={source} />
          {withKeyboard !== null && withKeyboard < layout.numbers.length && (
            <PlaceRing layout={layout} index={withKeyboard} of="keyboard" />
          )}
        </svg>
      </div>
    </div>
  );
});

function indexOf(target: EventTarget): number | null {
  const place = target instanceof Element ? target.closest("[data-place]") : null;
  return place ? Number(place.getAttribute("data-place")) : null;
}

const placeElement = (grid: HTMLElement, index: number) =>
  grid.querySelector<SVGElement>(`[data-place="${index}"]`);

/** Where a key leads from a place, as in any grid; null for keys that lead nowhere. */
function placeByKey(key: string, index: number, columns: number, count: number): number | null {
  const rowStart = index - (index % columns);
  const within = (to: number) => (to >= 0 && to < count ? to : index);
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
      return rowStart;
    case "End":
      return Math.min(rowStart + columns, count) - 1;
    default:
      return null;
  }
}
