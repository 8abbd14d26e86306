import { keyOf } from "@/core/number/exact";
import { type Place, worthOf } from "@/core/number/place-value";
import { showNumber } from "@/core/number/show-number";
import { round } from "../round";
import type { Column } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** Discs lie in twos, five rows of them, as in a frame of ten. */
const ACROSS = 2;
const DOWN = 5;
const GAP = 0.16;
/** A value that would be smaller than this, in pixels, is left to the column's name. */
const SMALLEST = 9;

/**
 * The radius at which all discs fit in their columns.
 * @param max number of discs in one column
 * @param largest radius that a disc may have
 */
export const discRadius = (
  columns: readonly Column[],
  height: number,
  max: number,
  largest: number,
): number =>
  Math.max(
    4,
    Math.min(
      largest,
      height / Math.max(DOWN, Math.ceil(max / ACROSS)) / (2 + 2 * GAP),
      ...columns.map(({ width }) => (width - 16) / ACROSS / (2 + 2 * GAP)),
    ),
  );

const MILLIONS = 6;

/** The text on a disc of a place: from a million on, whose digits would be too small, in two lines. */
const writtenOn = (place: Place): string[] =>
  place < MILLIONS
    ? [showNumber(keyOf(worthOf(place)))]
    : [showNumber(keyOf(worthOf(place - MILLIONS))), "million"];

type Props = {
  place: Place;
  count: number;
  /** How many are still wanting. */
  wanting: number;
  column: Column;
  radius: number;
  /** The last one has just been made from ten others. */
  lit: boolean;
};

/** The discs of one place, each with its value. */
export function Discs({ place, count, wanting, column, radius, lit }: Props) {
  const { ground, line, text } = placeStyle(place);
  const lines = writtenOn(place);
  const sizes = lines.map(({ length }) => Math.min(radius / lines.length ** 0.5, (radius * 3) / length));
  const size = Math.min(...sizes);
  const step = radius * (2 + 2 * GAP);
  return Array.from({ length: count + wanting }, (_, nth) => {
    const x = round(column.left + column.width / 2 + ((nth % ACROSS) - (ACROSS - 1) / 2) * step);
    const y = round((Math.floor(nth / ACROSS) + 0.5) * step);
    return (
      // biome-ignore lint/suspicious/noArrayIndexKey: a disc is where it lies.
      <g key={nth}>
        {lit && nth === count - 1 && (
          <circle
            cx={x}
            cy={y}
            r={radius * 1.15}
            fill="none"
            stroke="var(--color-stair)"
            strokeWidth={Math.max(4, radius * 0.16)}
          />
        )}
        <circle
          cx={x}
          cy={y}
          r={radius}
          fill={nth < count ? ground : "none"}
          stroke={line}
          strokeWidth={Math.max(2, radius * 0.07)}
          strokeDasharray={nth < count ? undefined : "5 4"}
        />
        {size >= SMALLEST && nth < count && (
          <text textAnchor="middle" fill={text} className="font-numeral font-bold">
            {lines.map((line, i) => (
              <tspan
                key={line}
                x={x}
                y={round(y + sizes[i]! * 0.36 + radius * 0.72 * (i - (lines.length - 1) / 2))}
                fontSize={round(sizes[i]!)}
              >
                {line}
              </tspan>
            ))}
          </text>
        )}
      </g>
    );
  });
}
