import type { NumberKey } from "@/core/number/exact";
import type { Mirror, Symmetry } from "@/core/set/symmetry/symmetry";
import { round } from "../round";
import { type ChartLayout, cornerOf, DIGIT, digitsWide } from "./chart-layout";

type Props = {
  layout: ChartLayout;
  shown: readonly Symmetry[];
  /** Whether a number is shaded: an arrow for a slide begins at one. */
  isShaded: (number: NumberKey) => boolean;
};

/** How far a mirror line extends beyond the edge of its chart. */
const OVER = 10;

/** The symmetries of a shading, drawn over its chart: mirrors as broken lines, a turn about the middle, slides as arrows. */
export function SymmetryLines({ layout, shown, isShaded }: Props) {
  const { width, height } = layout;
  if (shown.length === 0) return null;
  const thick = Math.max(4, Math.min(width, height) / 110);
  return (
    <g
      data-part="symmetry"
      fill="none"
      stroke="var(--color-coral-dot)"
      strokeWidth={thick}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {shown.map((one) => (
        <One key={Object.values(one).join()} one={one} layout={layout} thick={thick} isShaded={isShaded} />
      ))}
    </g>
  );
}

type OneProps = { one: Symmetry; layout: ChartLayout; thick: number; isShaded: Props["isShaded"] };

function One({ one, layout, thick, isShaded }: OneProps) {
  const { width, height } = layout;
  if (one.kind === "mirror") {
    const { dashes, ...line } = mirrorLine(layout, one.line, thick);
    return (
      <>
        <line {...line} {...dashes} stroke="var(--color-board)" strokeWidth={thick * 1.8} />
        <line {...line} {...dashes} />
      </>
    );
  }
  if (one.kind === "turn") {
    const radius = Math.min(width, height) * 0.16;
    const [x, y] = [width / 2, height / 2];
    // Half a turn goes half way round, a quarter turn a quarter.
    const end = one.by === "half" ? [x - radius, y] : [x, y + radius];
    const arc = `M${round(x + radius)} ${round(y)}A${round(radius)} ${round(radius)} 0 0 1 ${round(end[0]!)} ${round(end[1]!)}`;
    return (
      <>
        <path d={arc} stroke="var(--color-board)" strokeWidth={thick * 1.8} />
        <circle cx={x} cy={y} r={thick * 1.5} fill="var(--color-coral-dot)" stroke="var(--color-board)" />
        <path d={arc} />
        <Head at={end as [number, number]} turn={one.by === "half" ? -90 : 180} thick={thick} />
      </>
    );
  }
  const from = slideStart(layout, one, isShaded);
  if (from === null) return null;
  const middle = ({ x, y }: { x: number; y: number }) =>
    [x + layout.cellWidth / 2, y + layout.cellHeight / 2] as const;
  const to = from + one.down * layout.columns + one.right;
  const [a, b] = between(layout, [from, middle(cornerOf(layout, from))], [to, middle(cornerOf(layout, to))]);
  const turn = (Math.atan2(b[1] - a[1], b[0] - a[0]) * 180) / Math.PI;
  const line = { x1: a[0], y1: a[1], x2: b[0], y2: b[1] };
  return (
    <>
      <line {...line} stroke="var(--color-board)" strokeWidth={thick * 1.8} />
      <line {...line} />
      <circle cx={a[0]} cy={a[1]} r={thick * 1.2} fill="var(--color-coral-dot)" stroke="none" />
      <Head at={b} turn={turn} thick={thick} />
    </>
  );
}

/** The direction of a mirror line, in cells across and down. */
const RUNS: Readonly<Record<Mirror, readonly [across: number, down: number]>> = {
  upright: [0, 1],
  level: [1, 0],
  "down-right": [1, 1],
  "down-left": [-1, 1],
};

/** A dashed mirror line over its chart. If it runs through the middles of cells, its gaps are at the numerals. */
export function mirrorLine(layout: ChartLayout, mirror: Mirror, thick: number) {
  const { width, height, columns, rows, cellWidth, cellHeight, numeral } = layout;
  const [across, down] = RUNS[mirror];
  const cell = Math.hypot(across * cellWidth, down * cellHeight);
  const over = [(across * cellWidth * OVER) / cell, (down * cellHeight * OVER) / cell] as const;
  // From the first edge of a cell to the last.
  const x1 = across === 0 ? width / 2 : across > 0 ? 0 : width;
  const y1 = down === 0 ? height / 2 : 0;
  const line = {
    x1: round(x1 - over[0]),
    y1: round(y1 - over[1]),
    x2: round((across === 0 ? x1 : width - x1) + over[0]),
    y2: round((down === 0 ? y1 : height) + over[1]),
  };
  const between = (across === 0 && columns % 2 === 0) || (down === 0 && rows % 2 === 0);
  if (between) return { ...line, dashes: { strokeDasharray: `${thick * 3} ${thick * 2.2}` } };
  const digits = Math.max(1, ...layout.numbers.map((number) => (number ? digitsWide(layout, number) : 0)));
  const beside = (numeral * DIGIT * (digits + 0.3)) / 2 / (Math.abs(across) * cellWidth);
  const above = (numeral * 0.42) / (Math.abs(down) * cellHeight);
  const half = Math.min(MAX_GAP_HALF, Math.min(beside, above) + thick / cell) * cell;
  // The first dash ends where the first numeral begins.
  const offset = cell - half - OVER - cell / 2;
  return {
    ...line,
    dashes: {
      strokeDasharray: `${round(cell - 2 * half)} ${round(2 * half)}`,
      strokeDashoffset: round(offset < 0 ? offset + cell : offset),
    },
  };
}

/** Maximum half gap, in parts of a cell, so that a line is seen between two numerals, however large. */
const MAX_GAP_HALF = 0.42;

type Point = readonly [x: number, y: number];

/** Maximum share of an arrow left out at each end. */
const MAX_END_LEFT_OUT = 0.3;

/** The ends of an arrow between the middles of two cells, clear of their numerals. */
function between(layout: ChartLayout, [from, a]: [number, Point], [to, b]: [number, Point]): [Point, Point] {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const leftOut = (index: number) => {
    const high = layout.numeral * 0.45;
    const wide = (layout.numeral * DIGIT * (digitsWide(layout, layout.numbers[index]!) + 0.6)) / 2;
    return Math.min(MAX_END_LEFT_OUT, wide / Math.max(1, Math.abs(dx)), high / Math.max(1, Math.abs(dy)));
  };
  const [first, last] = [leftOut(from), leftOut(to)];
  return [
    [a[0] + dx * first, a[1] + dy * first],
    [b[0] - dx * last, b[1] - dy * last],
  ];
}

/** The head of an arrow, pointing to the right before it is rotated. */
const Head = ({ at, turn, thick }: { at: readonly [number, number]; turn: number; thick: number }) => (
  <path
    d={`M${-thick * 2.6} ${-thick * 2}L${thick * 0.6} 0L${-thick * 2.6} ${thick * 2}z`}
    transform={`translate(${round(at[0])} ${round(at[1])}) rotate(${round(turn)})`}
    fill="var(--color-coral-dot)"
    stroke="var(--color-board)"
    strokeWidth={thick / 3}
  />
);

type Slide = Extract<Symmetry, { kind: "slide" }>;

/** The shaded cell nearest to the middle that slides onto a shaded one, or null. */
function slideStart(layout: ChartLayout, { down, right }: Slide, isShaded: Props["isShaded"]): number | null {
  const { columns, rows, numbers } = layout;
  let best = { at: -1, far: Number.POSITIVE_INFINITY };
  for (const [at, number] of numbers.entries()) {
    const [row, column] = [Math.floor(at / columns), at % columns];
    const to = numbers[at + down * columns + right];
    if (number === null || !to || row + down >= rows || column + right < 0 || column + right >= columns)
      continue;
    if (!isShaded(number) || !isShaded(to)) continue;
    const far = (row + down / 2 - rows / 2) ** 2 + (column + right / 2 - columns / 2) ** 2;
    if (far < best.far) best = { at, far };
  }
  return best.at < 0 ? null : best.at;
}
