"use client";

import { type KeyboardEvent, memo, useEffect, useMemo, useRef, useState } from "react";
import { showNumber } from "@/core/number/show-number";
import {
  isPlaceKey,
  MOST_TIMES,
  type PlaceKey,
  placeAt,
  placeKey,
  type Target,
} from "@/core/surface/place-key";
import { clampWindow, type WindowAt } from "@/core/surface/times-grid";
import type { ViewOf } from "@/core/views/view";
import { type Size, useSize } from "@/kit/use-size";
import { PeekFace } from "../chart/peek";
import { useKeyPress } from "../chart/use-key-press";
import type { Run } from "../chart/use-run";
import type { Anchors, Over } from "../pen/anchors";
import { usePlaces } from "../scene/places";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { layOutTimes, STRIP, stripsOf } from "./times-layout";
import { TimesPlace } from "./times-place";
import { TimesRings } from "./times-rings";
import { Name, NextStrip } from "./times-strips";
import { useKeptLayout } from "./use-kept-layout";
import { useOrigin } from "./use-origin";
import { useSlideTouch } from "./use-slide-touch";
import { useSliding } from "./use-sliding";
import { useWheel } from "./use-wheel";

type Props = {
  settings: ViewOf<"times">;
  source: SceneSource;
  strong: boolean;
  run: Run;
  /** The window has come to rest elsewhere. */
  onSlide: (at: WindowAt) => void;
  /** What comes next is asked, at the right or below. */
  onWonder: (side: "right" | "below") => void;
  /** A name was touched: its row or column, as far as it is seen. */
  onLine: (places: Target[]) => void;
  asks: { number: Target; typed: string } | null;
  /** What lies over the grid, and keeps to its places. */
  over?: Over;
};

const BEFORE_MEASURED: Size = { width: 880, height: 560 };

/** A window of a times grid, that slides over it without end. */
export const TimesGrid = memo(function TimesGrid(props: Props) {
  const { settings, source, strong, run, onSlide, onWonder, onLine, asks, over } = props;
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, BEFORE_MEASURED);
  const places = usePlaces(source);
  const slid = useScene(source, (scene) => scene.windows[settings.id]);
  const wonder = useScene(source, (scene) => scene.wonders[settings.id] ?? null);
  const target = clampWindow(settings, slid ?? settings);

  const body = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { row: firstRow, column: firstColumn } = target;
  const laidOut = useMemo(
    () => layOutTimes(settings, { row: firstRow, column: firstColumn }, size, strong),
    [settings, firstRow, firstColumn, size, strong],
  );
  // Most slides change nothing about the layout, and what they do not change is not drawn again.
  const kept = useKeptLayout(laidOut);
  const cell = useMemo(() => ({ width: kept.cellWidth, height: kept.cellHeight }), [kept]);
  const carried = useRef<HTMLDivElement>(null);
  const sliding = useSliding({ times: settings, layout: kept, source }, target, canvas, carried, onSlide);
  const origin = useOrigin(target);
  const settle = sliding.glide;
  const touch = useSlideTouch(sliding, cell, run, settle);
  const keys = useKeyPress(run);
  const peeked = touch.peeked ?? keys.peeked;
  const frame = useRef<HTMLDivElement>(null);
  useWheel(frame, sliding, settle);

  const rows = span(firstRow, settings.rows);
  const columns = span(firstColumn, settings.columns);
  /** The layers lie still; where they begin changes only when the window has slid very far. */
  const shift = {
    x: -(firstColumn - origin.column) * cell.width,
    y: -(firstRow - origin.row) * cell.height,
  };
  const at = (place: PlaceKey) => {
    const { row, column } = placeAt(place);
    return { x: (column - origin.column) * cell.width, y: (row - origin.row) * cell.height };
  };
  const visible = rows.flatMap((row) => columns.map((column) => placeKey(row, column)));

  const [keyboard, setKeyboard] = useState<PlaceKey | null>(null);
  const wanted = useRef<PlaceKey | null>(null);
  useEffect(() => {
    if (!wanted.current) return;
    const place = body.current?.querySelector<SVGElement>(`[data-place="${wanted.current}"]`);
    if (place) {
      place.focus();
      wanted.current = null;
    }
  });
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const named = (event.target as Element).getAttribute("data-place") ?? "";
    if (!isPlaceKey(named) || event.ctrlKey || event.metaKey || event.altKey || event.shiftKey) return;
    const here = placeAt(named);
    const step = STEPS[event.key];
    if (step) {
      const to = { row: here.row + step.row, column: here.column + step.column };
      if (to.row < 1 || to.column < 1 || to.row > MOST_TIMES || to.column > MOST_TIMES)
        return event.preventDefault();
      const next = {
        row: Math.max(to.row - settings.rows + 1, Math.min(target.row, to.row)),
        column: Math.max(to.column - settings.columns + 1, Math.min(target.column, to.column)),
      };
      wanted.current = placeKey(to.row, to.column);
      settle(next);
      body.current?.querySelector<SVGElement>(`[data-place="${wanted.current}"]`)?.focus();
    } else if (event.key === "Enter" || event.key === " ") keys.down(named, event.repeat);
    else if (event.key === "Escape") (event.target as SVGElement).blur();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const anchors = useMemo<Anchors>(
    () => ({
      at: ({ x, y }) =>
        placeKey(firstRow + Math.floor(y / cell.height), firstColumn + Math.floor(x / cell.width)),
      of: (place) => {
        if (place === null || !isPlaceKey(place)) return null;
        const { row, column } = placeAt(place);
        return {
          x: (column - firstColumn + 0.5) * cell.width,
          y: (row - firstRow + 0.5) * cell.height,
          unit: cell.height,
        };
      },
    }),
    [firstRow, firstColumn, cell],
  );
  const strips = stripsOf(settings);
  const { width, height } = kept;
  return (
    <div ref={room} className="flex size-full items-center justify-center">
      <div
        ref={frame}
        className="relative shrink-0 touch-none select-none"
        style={{ width: width + strips.left + strips.next, height: height + strips.top + strips.next }}
      >
        {settings.columnNames !== "absent" && (
          <div
            className="absolute overflow-hidden"
            style={{ left: strips.left, top: 0, width, height: STRIP.names }}
            {...touch.columnStrip}
          >
            <div style={{ transform: `translateX(${shift.x}px)` }}>
              {columns.map((column) => (
                <Name
                  key={column % settings.columns}
                  what="Column"
                  index={column}
                  covered={settings.columnNames === "covered"}
                  size={kept.name}
                  style={{
                    left: (column - origin.column) * cell.width,
                    width: cell.width,
                    height: STRIP.names,
                  }}
                  onTouch={() => onLine(rows.map((row) => placeKey(row, column)))}
                />
              ))}
            </div>
          </div>
        )}
        {settings.rowNames !== "absent" && (
          <div
            className="absolute overflow-hidden"
            style={{ left: 0, top: strips.top, width: STRIP.rowNames, height }}
            {...touch.rowStrip}
          >
            <div style={{ transform: `translateY(${shift.y}px)` }}>
              {rows.map((row) => (
                <Name
                  key={row % settings.rows}
                  what="Row"
                  index={row}
                  covered={settings.rowNames === "covered"}
                  size={kept.name}
                  style={{
                    top: (row - origin.row) * cell.height,
                    width: STRIP.rowNames,
                    height: cell.height,
                  }}
                  onTouch={() => onLine(columns.map((column) => placeKey(row, column)))}
                />
              ))}
            </div>
          </div>
        )}
        {strips.left > 0 && strips.top > 0 && (
          <span
            aria-hidden
            className="absolute flex items-center justify-center font-numeral text-2xl font-bold text-quiet"
            style={{ width: strips.left, height: strips.top }}
          >
            ×
          </span>
        )}
        {/* biome-ignore lint/a11y/useSemanticElements: a table cannot be drawn in SVG. */}
        <div
          role="grid"
          aria-label={
            settings.rowNames === "shown" && settings.columnNames === "shown"
              ? `Times grid from row ${showNumber(String(target.row))} and column ${showNumber(String(target.column))}`
              : "Times grid"
          }
          aria-rowcount={-1}
          aria-colcount={-1}
          // The grid takes the keyboard, and hands it to its first place.
          tabIndex={keyboard ? -1 : 0}
          className="absolute overflow-hidden outline-2 outline-rule"
          style={{ left: strips.left, top: strips.top, width, height, contain: "strict" }}
          onKeyDown={onKeyDown}
          onFocus={(event) => {
            const named = event.target.getAttribute("data-place") ?? "";
            if (isPlaceKey(named)) setKeyboard(event.target.matches(":focus-visible") ? named : null);
            else if (event.target === event.currentTarget && event.target.matches(":focus-visible"))
              body.current
                ?.querySelector<SVGElement>(`[data-place="${placeKey(target.row, target.column)}"]`)
                ?.focus();
          }}
          onBlur={() => {
            setKeyboard(null);
            keys.leave();
          }}
          onKeyUp={keys.onKeyUp}
          onMouseDown={(event) => event.preventDefault()}
          onContextMenu={(event) => event.preventDefault()}
          {...touch.body}
        >
          <div ref={body} role="presentation" style={{ transform: `translate(${shift.x}px, ${shift.y}px)` }}>
            {rows.map((row) => (
              // biome-ignore lint/a11y/useSemanticElements: a table row cannot be drawn in SVG.
              // biome-ignore lint/a11y/useFocusableInteractive: the places of the row take the keyboard, not the row.
              <div
                key={row % settings.rows}
                role="row"
                aria-rowindex={row}
                className="absolute left-0"
                style={{ top: (row - origin.row) * cell.height }}
              >
                <svg role="presentation" width={1} height={cell.height} className="block overflow-visible">
                  {columns.map((column) => (
                    <TimesPlace
                      key={column % settings.columns}
                      layout={kept}
                      place={placeKey(row, column)}
                      column={column}
                      x={(column - origin.column) * cell.width}
                      places={places}
                    />
                  ))}
                </svg>
              </div>
            ))}
            <svg aria-hidden width={1} height={1} className="pointer-events-none absolute overflow-visible">
              <TimesRings
                layout={kept}
                places={visible}
                at={at}
                source={source}
                asks={asks}
                keyboard={keyboard}
              />
              {peeked !== null && isPlaceKey(peeked) && (
                <PeekFace layout={kept} corner={at(peeked)} target={peeked} />
              )}
            </svg>
          </div>
        </div>
        <canvas
          ref={canvas}
          aria-hidden
          className="pointer-events-none absolute top-0 left-0 hidden bg-board data-moving:block"
          style={{ width: width + strips.left + 2, height: height + strips.top + 2 }}
        />
        {over && (
          <div
            className="pointer-events-none absolute overflow-hidden"
            style={{ left: strips.left, top: strips.top, width, height }}
          >
            <div ref={carried} className="size-full">
              {over(anchors, width, height)}
            </div>
          </div>
        )}
        {strips.next > 0 && (
          <>
            <NextStrip
              side="right"
              asked={wonder === "right"}
              count={settings.rows}
              style={{ left: strips.left + width, top: strips.top, width: STRIP.next, height }}
              onTouch={() =>
                wonder === "right" ? settle({ ...target, column: target.column + 1 }) : onWonder("right")
              }
            />
            <NextStrip
              side="below"
              asked={wonder === "below"}
              count={settings.columns}
              style={{ left: strips.left, top: strips.top + height, width, height: STRIP.next }}
              onTouch={() =>
                wonder === "below" ? settle({ ...target, row: target.row + 1 }) : onWonder("below")
              }
            />
          </>
        )}
      </div>
    </div>
  );
});

const STEPS: Record<string, WindowAt> = {
  ArrowLeft: { row: 0, column: -1 },
  ArrowRight: { row: 0, column: 1 },
  ArrowUp: { row: -1, column: 0 },
  ArrowDown: { row: 1, column: 0 },
};

/** Rows or columns from one on. */
function span(first: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => first + i);
}
