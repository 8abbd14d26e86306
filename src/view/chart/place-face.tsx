import { inksIn, isCovered, type PlaceState } from "@/core/lesson/place-state";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { INK_HOME, splitInks } from "@/core/surface/ink-split";
import { INK_LOOK } from "../ink/ink-look";
import { type ChartLayout, round } from "./chart-layout";

type Props = { layout: ChartLayout; number: NumberKey; state: PlaceState };

/** What a place shows: its inks, its numeral in bold when it carries one, or its cover and nothing else. */
export function PlaceFace({ layout, number, state }: Props) {
  const { cellWidth: w, cellHeight: h } = layout;
  if (isCovered(state)) return <Cover layout={layout} className="cover cover-laid" />;
  const split = splitInks(inksIn(state));
  return (
    <>
      {split.map(({ ink, region }) => (
        <polygon
          key={ink}
          points={region.map(([x, y]) => `${round(x * w)},${round(y * h)}`).join(" ")}
          fill={INK_LOOK[ink].ground}
        />
      ))}
      {split.map(({ ink }) => (
        <path
          key={ink}
          d={INK_LOOK[ink].shape}
          fill={INK_LOOK[ink].figure}
          transform={shapeAt(layout, INK_HOME[ink])}
        />
      ))}
      <text
        x={round(w / 2)}
        y={round(h / 2 + layout.numeral * 0.35)}
        fontSize={layout.numeral}
        fontWeight={split.length > 0 ? 700 : 400}
        textAnchor="middle"
        className="font-numeral"
        fill="currentColor"
      >
        {showNumber(number)}
      </text>
    </>
  );
}

/** A solid cover, a little smaller than its place. */
export function Cover({ layout, className }: { layout: ChartLayout; className: string }) {
  const { cellWidth: w, cellHeight: h } = layout;
  const inset = Math.min(w, h) * 0.08;
  return (
    <rect
      className={className}
      x={inset}
      y={inset}
      width={w - 2 * inset}
      height={h - 2 * inset}
      rx={Math.min(w, h) * 0.16}
      fill="currentColor"
    />
  );
}

/** Shapes stand at their ink's home, drawn in from the edge by their own size and a little more. */
function shapeAt(layout: ChartLayout, [x, y]: readonly [number, number]): string {
  const inset = layout.shape * 1.75;
  const along = (part: number, length: number) => round(inset + part * (length - 2 * inset));
  return `translate(${along(x, layout.cellWidth)} ${along(y, layout.cellHeight)}) scale(${layout.shape})`;
}
