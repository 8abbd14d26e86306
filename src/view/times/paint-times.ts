import { showNumber } from "@/core/number/show-number";
import { type CellState, cellState } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { cellKey, MAX_TIMES } from "@/core/surface/cell-key";
import { productAt, type TimesSettings, type WindowAt } from "@/core/surface/times-grid";
import { faceShapes } from "../chart/face-shapes";
import { type Palette, paintShapes } from "../paint-shapes";
import type { TimesLayout } from "./times-layout";

/**
 * Paints a times grid while it moves: the same cells and inks as at rest, on a canvas, so that a frame costs the same
 * however fast the window slides. `at` need not be whole.
 */
export function paintTimes(
  context: CanvasRenderingContext2D,
  times: TimesSettings,
  layout: TimesLayout,
  scene: Scene,
  at: WindowAt,
  palette: Palette,
): void {
  const { cellWidth: w, cellHeight: h, rows, columns, width, height, strips } = layout;
  const { color, numerals } = palette;
  const [firstRow, firstColumn] = [Math.floor(at.row), Math.floor(at.column)];
  const x = (column: number) => strips.left + (column - at.column) * w;
  const y = (row: number) => strips.top + (row - at.row) * h;
  const shownRows = indexes(firstRow, rows + 1);
  const shownColumns = indexes(firstColumn, columns + 1);
  context.clearRect(0, 0, width + strips.left + 2, height + strips.top + 2);
  context.textAlign = "center";
  context.textBaseline = "alphabetic";

  const name = (index: number, middleX: number, middleY: number, covered: boolean) => {
    if (!covered) {
      context.fillText(showNumber(String(index)), middleX, middleY + layout.name * 0.35);
      return;
    }
    box(context, middleX - 18, middleY - 14, 36, 28, 8);
    context.fill();
  };
  context.fillStyle = color("--color-quiet");
  context.font = `700 ${layout.name}px ${numerals}`;
  if (times.columnNames !== "absent") {
    clipped(context, strips.left, 0, width, strips.names, () => {
      for (const column of shownColumns)
        name(column, x(column) + w / 2, strips.names / 2, times.columnNames === "covered");
    });
  }
  if (times.rowNames !== "absent") {
    clipped(context, 0, strips.top, strips.rowNames, height, () => {
      for (const row of shownRows)
        name(row, strips.rowNames / 2, y(row) + h / 2, times.rowNames === "covered");
    });
  }
  clipped(context, strips.left, strips.top, width, height, () => {
    context.fillStyle = color("--color-board");
    context.fillRect(strips.left, strips.top, width, height);
    // Most cells are plain; they are painted together, since a change of typeface costs more than a numeral.
    context.fillStyle = color("--color-ink");
    context.font = `${layout.heavy ? 700 : 400} ${layout.numeral}px ${numerals}`;
    const plain = isPlain(scene);
    const special: (() => void)[] = [];
    const down = h / 2 + layout.numeral * 0.35;
    for (const row of shownRows) {
      for (const column of shownColumns) {
        const state: CellState = plain ? 0 : cellState(scene, cellKey(row, column));
        const [left, top] = [x(column), y(row)];
        if (state === 0) context.fillText(showNumber(productAt(row, column)), left + w / 2, top + down);
        else
          special.push(() => {
            const shapes = faceShapes({ layout, x: left, y: top }, productAt(row, column), state);
            paintShapes(context, shapes, palette);
          });
      }
    }
    for (const paint of special) paint();
    context.strokeStyle = color("--color-rule");
    context.lineWidth = layout.line;
    context.beginPath();
    for (const row of shownRows) {
      context.moveTo(strips.left, y(row));
      context.lineTo(strips.left + width, y(row));
    }
    for (const column of shownColumns) {
      context.moveTo(x(column), strips.top);
      context.lineTo(x(column), strips.top + height);
    }
    context.stroke();
  });
}

/** Whether no cell of a scene looks other than plain. */
const isPlain = ({ laid, written, hushed }: Scene) =>
  laid.rules.length === 0 && laid.touched.size === 0 && written.size === 0 && !hushed;

function box(context: CanvasRenderingContext2D, x: number, y: number, w: number, h: number, r: number): void {
  context.beginPath();
  context.roundRect(x, y, w, h, r);
}

function clipped(
  context: CanvasRenderingContext2D,
  x: number,
  y: number,
  w: number,
  h: number,
  paint: () => void,
): void {
  context.save();
  context.beginPath();
  context.rect(x, y, w, h);
  context.clip();
  paint();
  context.restore();
}

/** Rows or columns from an index on, as far as the grid goes. */
function indexes(first: number, count: number): number[] {
  return Array.from({ length: count }, (_, i) => first + i).filter((index) => index <= MAX_TIMES);
}
