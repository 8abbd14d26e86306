import type { FaceLayout } from "./chart-layout";

type Props = { layout: FaceLayout; corner: { x: number; y: number }; of: "focus" | "keyboard" };

/**
 * A ring about a cell. The number in focus wears a coral one, over its neighbours' edges; the cell that has the
 * keyboard a broken dark one inside it, so that the two are told apart.
 */
export function CellRing({ layout, corner, of }: Props) {
  const { x, y } = corner;
  const { cellWidth, cellHeight } = layout;
  const keyboard = of === "keyboard";
  const inset = keyboard ? Math.min(4, cellHeight / 8) : 0;
  return (
    <rect
      x={x + inset}
      y={y + inset}
      width={cellWidth - 2 * inset}
      height={cellHeight - 2 * inset}
      rx={Math.min(6, cellHeight / 5)}
      fill="none"
      stroke={keyboard ? "var(--color-ink)" : "var(--color-focus)"}
      strokeWidth={Math.min(keyboard ? 3 : 5, cellHeight / 6)}
      {...(keyboard ? { strokeDasharray: "6 4" } : {})}
    />
  );
}
