"use client";

import { memo, useMemo, useRef } from "react";
import { showNumber } from "@/core/number/show-number";
import { type CellKey, cellAt, cellKey, isCellKey, type Target } from "@/core/surface/cell-key";
import { clampWindow, type WindowAt } from "@/core/surface/times-grid";
import type { ViewOf } from "@/core/views/view";
import { type Size, useSize } from "@/kit/use-size";
import { PeekFace } from "../chart/peek";
import { useKeyPress } from "../chart/use-key-press";
import type { Sweep } from "../chart/use-sweep";
import type { Over } from "../pen/anchors";
import { useCells } from "../scene/cells";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { timesAnchors } from "./times-anchors";
import { TimesCell } from "./times-cell";
import { layOutTimes } from "./times-layout";
import { TimesRings } from "./times-rings";
import { Name, NextStrip, TimesSign } from "./times-strips";
import { useGridKeys } from "./use-grid-keys";
import { useKeptLayout } from "./use-kept-layout";
import { useOrigin } from "./use-origin";
import { useSlideTouch } from "./use-slide-touch";
import { useSliding } from "./use-sliding";
import { useWheel } from "./use-wheel";

type Props = {
  settings: ViewOf<"times">;
  source: SceneSource;
  strong: boolean;
  /** The size of its room, where that is known before it is measured. */
  firstSize?: Size | undefined;
  sweep: Sweep;
  /** The window has come to rest elsewhere. */
  onSlide: (at: WindowAt) => void;
  /** The class was asked what comes next, at the right or below. */
  onWonder: (side: "right" | "below") => void;
  /** A row or column number was touched: its visible cells. */
  onLine: (cells: Target[]) => void;
  asks: { number: Target; typed: string } | null;
  /** An overlay that is anchored to the grid's cells. */
  over?: Over;
};

const BEFORE_MEASURED: Size = { width: 880, height: 560 };

/** A window that slides over an endless times grid. */
export const TimesGrid = memo(function TimesGrid(props: Props) {
  const { settings, source, strong, firstSize, sweep, onSlide, onWonder, onLine, asks, over } = props;
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, firstSize ?? BEFORE_MEASURED);
  const cells = useCells(source);
  const slid = useScene(source, (scene) => scene.windows[settings.id]);
  const focus = useScene(source, (scene) => scene.focus);
  const wonder = useScene(source, (scene) => scene.wonders[settings.id] ?? null);
  const target = clampWindow(settings, slid ?? settings);

  const body = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const { row: firstRow, column: firstColumn } = target;
  const laidOut = useMemo(
    () => layOutTimes(settings, { row: firstRow, column: firstColumn }, size, strong),
    [settings, firstRow, firstColumn, size, strong],
  );
  // Most slides leave the layout unchanged, and what is unchanged is not rendered again.
  const kept = useKeptLayout(laidOut);
  const square = useMemo(() => ({ width: kept.cellWidth, height: kept.cellHeight }), [kept]);
  const carried = useRef<HTMLDivElement>(null);
  const sliding = useSliding({ times: settings, layout: kept, source }, target, canvas, carried, onSlide);
  const origin = useOrigin(target);
  const settle = sliding.glide;
  const touch = useSlideTouch(sliding, square, sweep, settle);
  const keys = useKeyPress(sweep);
  const peeked = touch.peeked ?? keys.peeked;
  const frame = useRef<HTMLDivElement>(null);
  useWheel(frame, sliding, settle);

  const rows = span(firstRow, settings.rows);
  const columns = span(firstColumn, settings.columns);
  /** The layers lie still; where they begin changes only when the window has slid very far. */
  const shift = {
    x: -(firstColumn - origin.column) * square.width,
    y: -(firstRow - origin.row) * square.height,
  };
  const at = (cell: CellKey) => {
    const { row, column } = cellAt(cell);
    return { x: (column - origin.column) * square.width, y: (row - origin.row) * square.height };
  };
  const visible = rows.flatMap((row) => columns.map((column) => cellKey(row, column)));

  const { keyboard, handlers } = useGridKeys(body, settings, target, settle, keys);

  const anchors = useMemo(
    () => timesAnchors({ row: firstRow, column: firstColumn }, kept),
    [firstRow, firstColumn, kept],
  );
  const { strips } = kept;
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
            style={{ left: strips.left, top: 0, width, height: strips.names }}
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
                    left: (column - origin.column) * square.width,
                    width: square.width,
                    height: strips.names,
                  }}
                  onTouch={() => onLine(rows.map((row) => cellKey(row, column)))}
                />
              ))}
            </div>
          </div>
        )}
        {settings.rowNames !== "absent" && (
          <div
            className="absolute overflow-hidden"
            style={{ left: 0, top: strips.top, width: strips.rowNames, height }}
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
                    top: (row - origin.row) * square.height,
                    width: strips.rowNames,
                    height: square.height,
                  }}
                  onTouch={() => onLine(columns.map((column) => cellKey(row, column)))}
                />
              ))}
            </div>
          </div>
        )}
        {strips.left > 0 && strips.top > 0 && <TimesSign width={strips.left} height={strips.top} />}
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
          tabIndex={keyboard ? -1 : 0}
          className="absolute overflow-hidden outline-2 outline-rule"
          style={{
            left: strips.left,
            top: strips.top,
            width,
            height,
            outlineWidth: 2 * kept.line,
            contain: "strict",
          }}
          {...handlers}
          onMouseDown={(event) => event.preventDefault()}
          onContextMenu={(event) => event.preventDefault()}
          {...touch.body}
        >
          <div ref={body} role="presentation" style={{ transform: `translate(${shift.x}px, ${shift.y}px)` }}>
            {rows.map((row) => (
              // biome-ignore lint/a11y/useSemanticElements: a table row cannot be drawn in SVG.
              // biome-ignore lint/a11y/useFocusableInteractive: the cells of the row take the keyboard, not the row.
              <div
                key={row % settings.rows}
                role="row"
                aria-rowindex={row}
                className="absolute left-0"
                style={{ top: (row - origin.row) * square.height }}
              >
                <svg role="presentation" width={1} height={square.height} className="block overflow-visible">
                  {columns.map((column) => (
                    <TimesCell
                      key={column % settings.columns}
                      layout={kept}
                      cell={cellKey(row, column)}
                      column={column}
                      x={(column - origin.column) * square.width}
                      cells={cells}
                    />
                  ))}
                </svg>
              </div>
            ))}
            <svg aria-hidden width={1} height={1} className="pointer-events-none absolute overflow-visible">
              <TimesRings
                layout={kept}
                cells={visible}
                at={at}
                focus={focus}
                asks={asks}
                keyboard={keyboard}
              />
              {peeked !== null && isCellKey(peeked) && (
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
              style={{ left: strips.left + width, top: strips.top, width: strips.next, height }}
              onTouch={() =>
                wonder === "right" ? settle({ ...target, column: target.column + 1 }) : onWonder("right")
              }
            />
            <NextStrip
              side="below"
              asked={wonder === "below"}
              count={settings.columns}
              style={{ left: strips.left, top: strips.top + height, width, height: strips.next }}
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

/** Rows or columns from one on. */
function span(first: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => first + i);
}
