import type { FaceLayout } from "./chart-layout";

type Props = { layout: FaceLayout; corner: { x: number; y: number }; of: "focus" | "keyboard" };

/**
 * A ring around a cell. The number in focus has a coral one, over its neighbours' edges; the cell with the keyboard
 * focus a dashed one inside, so that the two can be told apart.
 */
export function CellRing({ layout, corner, of }: Props) {
  const { x, y } = corner;
  const { cellWidth, cellHeight } = layout;
  // Rings are as heavy as on an ordinary cell, and heavier on larger ones.
  const side = Math.max(60, Math.min(cellWidth, cellHeight));
  const rx = Math.min(side / 10, cellHeight / 5);
  // Dark on a light square, and light on a dark cover.
  if (of === "keyboard") {
    const inset = Math.min(side / 15, cellHeight / 8);
    const ring = {
      x: x + inset,
      y: y + inset,
      width: cellWidth - 2 * inset,
      height: cellHeight - 2 * inset,
      rx,
      fill: "none",
    };
    const thick = Math.min(side / 20, cellHeight / 6);
    return (
      <>
        <rect {...ring} stroke="var(--color-board)" strokeWidth={thick * 1.7} />
        <rect {...ring} stroke="var(--color-ink)" strokeWidth={thick} strokeDasharray={thick * 2} />
      </>
    );
  }
  return (
    <rect
      x={x}
      y={y}
      width={cellWidth}
      height={cellHeight}
      rx={rx}
      fill="none"
      stroke="var(--color-focus)"
      strokeWidth={Math.min(side / 12, cellHeight / 6)}
    />
  );
}
