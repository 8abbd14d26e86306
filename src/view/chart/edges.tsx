import type { NumberKey } from "@/core/number/exact";
import type { ChartLayout } from "./chart-layout";

/** The room of the edges by which a whole row or column is touched, in pixels on an ordinary screen. */
export const EDGE = 26;

type Props = { layout: ChartLayout; edge: number; onLine: (numbers: NumberKey[]) => void };

/** The left and the lower edge of a chart: a touch there is a touch on the whole row or column. */
export function Edges({ layout, edge, onLine }: Props) {
  const { numbers, columns, rows, cellWidth, cellHeight, width, height } = layout;
  const line = (what: "Row" | "Column", i: number) => {
    const row = what === "Row";
    const held = numbers.filter(
      (number, index): number is NumberKey =>
        number !== null && (row ? Math.floor(index / columns) : index % columns) === i,
    );
    const style = row
      ? { left: -edge, top: i * cellHeight, width: edge, height: cellHeight }
      : { left: i * cellWidth, top: height, width: cellWidth, height: edge };
    // Named by its position, since its numbers may be covered.
    const name = `${what} ${i + 1}`;
    return (
      <button
        key={`${what}${i}`}
        type="button"
        // Rows and columns are reached by the keyboard with the commands for them, not one by one.
        tabIndex={-1}
        aria-label={name}
        title={`The whole ${what.toLowerCase()}`}
        className="group absolute flex items-center justify-center"
        style={style}
        onClick={() => onLine(held)}
      >
        <span
          className={`rounded-full bg-rule group-hover:bg-ink ${row ? "h-3/5 max-h-7 w-1.5" : "h-1.5 w-3/5 max-w-7"}`}
        />
      </button>
    );
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: edges of a chart are no form group.
    <div
      role="group"
      aria-label="Whole rows and columns"
      style={{ width, height }}
      className="absolute inset-0 -z-10"
    >
      {Array.from({ length: rows }, (_, row) => line("Row", row))}
      {Array.from({ length: columns }, (_, column) => line("Column", column))}
    </div>
  );
}
