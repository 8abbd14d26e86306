import { windowOf } from "@/core/lesson/views-of";
import { cellState } from "@/core/scene/cell-state";
import { type CellKey, cellAt, numberOf } from "@/core/surface/cell-key";
import { windowCells } from "@/core/surface/times-grid";
import { CellFace } from "../chart/cell-face";
import type { DrawingProps } from "../drawing";
import { DrawnOver } from "../pen/drawn";
import { timesAnchors } from "./times-anchors";
import { layOutTimes } from "./times-layout";
import { TimesRings } from "./times-rings";
import { Name, NextStrip, TimesSign } from "./times-strips";

/** The window of a times grid with the names at its edges, in the middle of its room. */
export function TimesDrawing({ view, scene, size, theme }: DrawingProps<"times">) {
  const at = windowOf(view, scene);
  const layout = layOutTimes(view, at, size, theme.strong);
  const { cellWidth, cellHeight, width, height, strips, line } = layout;
  const cells = windowCells(view, at);
  const cornerOf = (cell: CellKey) => {
    const { row, column } = cellAt(cell);
    return { x: (column - at.column) * cellWidth, y: (row - at.row) * cellHeight };
  };
  const asked = scene.asked?.as === "place" ? { number: scene.asked.number, typed: "" } : null;
  const wonder = scene.wonders[view.id] ?? null;
  const columns = Array.from({ length: view.columns }, (_, i) => i);
  const rows = Array.from({ length: view.rows }, (_, i) => i);
  return (
    <div className="flex size-full items-center justify-center">
      <div
        className="relative shrink-0"
        style={{ width: width + strips.left + strips.next, height: height + strips.top + strips.next }}
      >
        {view.columnNames !== "absent" &&
          columns.map((i) => (
            <Name
              key={`column ${i}`}
              what="Column"
              index={at.column + i}
              covered={view.columnNames === "covered"}
              size={layout.name}
              style={{ left: strips.left + i * cellWidth, top: 0, width: cellWidth, height: strips.names }}
            />
          ))}
        {view.rowNames !== "absent" &&
          rows.map((i) => (
            <Name
              key={`row ${i}`}
              what="Row"
              index={at.row + i}
              covered={view.rowNames === "covered"}
              size={layout.name}
              style={{
                left: 0,
                top: strips.top + i * cellHeight,
                width: strips.rowNames,
                height: cellHeight,
              }}
            />
          ))}
        {strips.left > 0 && strips.top > 0 && <TimesSign width={strips.left} height={strips.top} />}
        <svg
          aria-hidden
          width={width}
          height={height}
          className="absolute overflow-hidden bg-board outline-2 outline-rule"
          style={{ left: strips.left, top: strips.top, outlineWidth: 2 * line }}
        >
          {cells.map((cell) => {
            const { x, y } = cornerOf(cell);
            return (
              <g key={cell}>
                <rect
                  x={x}
                  y={y}
                  width={cellWidth}
                  height={cellHeight}
                  fill="var(--color-board)"
                  stroke="var(--color-rule)"
                  strokeWidth={line}
                />
                <CellFace
                  layout={layout}
                  x={x}
                  y={y}
                  number={numberOf(cell)}
                  state={cellState(scene, cell)}
                />
              </g>
            );
          })}
          <TimesRings
            layout={layout}
            cells={cells}
            at={cornerOf}
            focus={scene.focus}
            asks={asked}
            keyboard={null}
          />
          <DrawnOver view={view.id} scene={scene} anchors={timesAnchors(at, layout)} />
        </svg>
        {strips.next > 0 && (
          <>
            {/* The question is shown everywhere; the invitation to ask only where it can be pressed. */}
            {(!theme.bare || wonder === "right") && (
              <NextStrip
                side="right"
                asked={wonder === "right"}
                count={view.rows}
                style={{ left: strips.left + width, top: strips.top, width: strips.next, height }}
              />
            )}
            {(!theme.bare || wonder === "below") && (
              <NextStrip
                side="below"
                asked={wonder === "below"}
                count={view.columns}
                style={{ left: strips.left, top: strips.top + height, width, height: strips.next }}
              />
            )}
          </>
        )}
      </div>
    </div>
  );
}
