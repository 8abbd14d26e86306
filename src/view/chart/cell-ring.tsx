import type { FaceLayout } from "./chart-layout";

type Props = { layout: FaceLayout; corner: { x: number; y: number }; of: "focus" | "keyboard" };

/**
 * A ring around a cell. The number in focus has a coral one, over its neighbours' edges; the cell with the keyboard
 * focus a dashed one inside, so that the two can be told apart.
 */
export function CellRing({ layout, corner, of }: Props) {
  const { x, y } = corner;
  const { cellWidth, cellHeight } = layout;
  // Dark on a light square, and light on a dark cover.
  if (of === "keyboard") {
    const inset = Math.min(4, cellHeight / 8);
    const ring = {
      x: x + inset,
      y: y + inset,
      width: cellWidth - 2 * inset,
      height: cellHeight - 2 * inset,
      rx: Math.min(6, cellHeight / 5),
      fill: "none",
    };
    const thick = Math.min(3, cellHeight / 6);
    return (
      <>
        <rect {...ring} stroke="var(--color-board)" strokeWidth={thick + 2} />
        <rect {...ring} stroke="var(--color-ink)" strokeWidth={thick} strokeDasharray="6 4" />
      </>
    );
  }
  return (
    <rect
      x={x}
      y={y}
      width={cellWidth}
      height={cellHeight}
      rx={Math.min(6, cellHeight / 5)}
      fill="none"
      stroke="var(--color-focus)"
      strokeWidth={Math.min(5, cellHeight / 6)}
    />
  );
}
