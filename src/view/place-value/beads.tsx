import { round } from "../round";
import type { Column } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** A rod has room for ten beads, or for as many as lie together. */
const ON_A_ROD = 10;
/** How flat a bead is. */
const FLAT = 0.62;

type Props = {
  place: number;
  count: number;
  /** How many are still wanting. */
  wanting: number;
  column: Column;
  /** The room of the rod, in pixels. */
  height: number;
  /** Maximum width of a bead, in pixels. */
  widest: number;
};

/** The beads of a place on their rod, from the bottom up. */
export function Beads({ place, count, wanting, column, height, widest }: Props) {
  const { ground, line } = placeStyle(place);
  const step = (height - 14) / Math.max(ON_A_ROD, count + wanting);
  const wide = Math.min(step / FLAT, Math.max(column.width - 24, column.width * 0.7), widest);
  const foot = Math.min(Math.max(60, wide * 1.4), column.width - 2);
  const rod = Math.max(6, wide * 0.1);
  const middle = column.left + column.width / 2;
  return (
    <g>
      <rect
        x={round(middle - rod / 2)}
        y={0}
        width={round(rod)}
        height={round(height - 6)}
        rx={round(rod / 2)}
        fill="var(--color-rule)"
      />
      <rect
        x={round(middle - foot / 2)}
        y={round(height - 10)}
        width={round(foot)}
        height={8}
        rx={4}
        fill="var(--color-ink)"
      />
      {Array.from({ length: count + wanting }, (_, nth) => (
        <rect
          // biome-ignore lint/suspicious/noArrayIndexKey: a bead is where it lies.
          key={nth}
          x={round(middle - wide / 2)}
          y={round(height - 12 - (nth + 1) * step)}
          width={round(wide)}
          height={round(step - 2)}
          rx={round(Math.min(step - 2, wide) / 2)}
          fill={nth < count ? ground : "none"}
          stroke={line}
          strokeWidth={Math.max(2, wide / 30)}
          strokeDasharray={nth < count ? undefined : "5 4"}
        />
      ))}
    </g>
  );
}
