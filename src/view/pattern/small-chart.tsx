import { indexAtCell, latticeGrid } from "@/core/set/lattice";
import type { Squares } from "@/core/set/squares";
import { round } from "../round";

/** How a square of a small chart looks: plain, shaded, shaded but not said, or said but not shaded. */
export type Tone = "plain" | "shaded" | "missing" | "tooMany";

type Props = {
  squares: Squares;
  /** By the index of its number in the chart. */
  toneAt: (index: number) => Tone;
  /** The room it has. */
  width: number;
  height: number;
  /** The colour of what is shaded. */
  color: string;
  name: string;
};

/** A chart without numbers, as large as its room allows: its shading, and how it fits. */
export function SmallChart({ squares, toneAt, width, height, color, name }: Props) {
  const { rows, columns } = latticeGrid(squares);
  const cell = Math.max(2, Math.min(width / columns, height / rows));
  const [wide, high] = [round(cell * columns), round(cell * rows)];
  const cells = Array.from({ length: rows * columns }, (_, at) => {
    const [row, column] = [Math.floor(at / columns), at % columns];
    const index = indexAtCell(squares, { row, column });
    return { at, x: round(column * cell), y: round(row * cell), tone: index === null ? null : toneAt(index) };
  });
  const isFull = squares.count === rows * columns;
  const lines = isFull
    ? [
        ...Array.from({ length: columns + 1 }, (_, i) => `M${round(i * cell)} 0V${high}`),
        ...Array.from({ length: rows + 1 }, (_, i) => `M0 ${round(i * cell)}H${wide}`),
      ]
    : // Where a row is short, nothing is drawn beyond its end.
      cells.flatMap(({ x, y, tone }) => {
        const side = round(cell);
        return tone === null ? [] : `M${x} ${y}h${side}v${side}h${-side}z`;
      });
  return (
    <svg role="img" aria-label={name} width={wide} height={high} className="block overflow-visible">
      {isFull ? (
        <rect width={wide} height={high} fill="var(--color-board)" />
      ) : (
        <path d={lines.join("")} fill="var(--color-board)" />
      )}
      {cells.map(
        ({ at, x, y, tone }) =>
          tone !== null &&
          tone !== "plain" && <Square key={at} tone={tone} x={x} y={y} cell={cell} color={color} />,
      )}
      <path d={lines.join("")} fill="none" stroke="var(--color-rule)" strokeWidth={Math.max(1, cell / 24)} />
      {isFull && (
        <rect
          width={wide}
          height={high}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={Math.max(2, cell / 12)}
        />
      )}
    </svg>
  );
}

type SquareProps = { tone: Exclude<Tone, "plain">; x: number; y: number; cell: number; color: string };

/** A square that is not plain. Each tone has a shape beside its colour: a ring where it is missing, a cross where it is too much. */
export function Square({ tone, x, y, cell, color }: SquareProps) {
  const at = { x, y, width: round(cell), height: round(cell) };
  if (tone === "shaded") return <rect {...at} fill={color} />;
  const [cx, cy, reach] = [x + cell / 2, y + cell / 2, cell * 0.26];
  const thick = Math.max(1.5, cell * 0.09);
  if (tone === "missing")
    return (
      <>
        <rect {...at} fill="var(--color-sun)" />
        <circle
          cx={round(cx)}
          cy={round(cy)}
          r={round(reach)}
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={thick}
        />
      </>
    );
  const cross = `M${round(cx - reach)} ${round(cy - reach)}L${round(cx + reach)} ${round(cy + reach)}M${round(cx + reach)} ${round(cy - reach)}L${round(cx - reach)} ${round(cy + reach)}`;
  return (
    <>
      <rect {...at} fill="var(--color-coral)" />
      <path d={cross} stroke="var(--color-wrong)" strokeWidth={thick} strokeLinecap="round" />
    </>
  );
}
