import { inksIn, isCovered, type PlaceState } from "@/core/lesson/place-state";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { INK_HOME, splitInks } from "@/core/surface/ink-split";
import { INK_LOOK } from "../ink/ink-look";
import { InkFigure } from "../ink/ink-shape";
import { round } from "../round";
import type { ChartLayout } from "./chart-layout";

type Props = { layout: ChartLayout; x: number; y: number; number: NumberKey; state: PlaceState };

/** What a place shows: its inks, its numeral in bold when it carries one, or its cover and nothing else. */
export function PlaceFace({ layout, x, y, number, state }: Props) {
  const { cellWidth: w, cellHeight: h, shape } = layout;
  if (isCovered(state)) return <Cover layout={layout} x={x} y={y} className="cover cover-laid" />;
  const split = splitInks(inksIn(state));
  // Shapes stand at their ink's home, drawn in from the edge by their own size and a little more.
  const inset = { x: shape * 1.75, y: shape * 1.4 };
  return (
    <>
      {split.map(({ ink, region }) => (
        <polygon
          key={ink}
          points={region.map(([u, v]) => `${round(x + u * w)},${round(y + v * h)}`).join(" ")}
          fill={INK_LOOK[ink].ground}
        />
      ))}
      {split.map(({ ink }) => {
        const [u, v] = INK_HOME[ink];
        return (
          <InkFigure
            key={ink}
            ink={ink}
            x={x + inset.x + u * (w - 2 * inset.x)}
            y={y + inset.y + v * (h - 2 * inset.y)}
            radius={shape}
          />
        );
      })}
      <text
        x={round(x + w / 2)}
        y={round(y + h / 2 + layout.numeral * 0.35)}
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

type CoverProps = { layout: ChartLayout; x: number; y: number; className: string };

/** A solid cover, a little smaller than its place. */
export function Cover({ layout, x, y, className }: CoverProps) {
  const { cellWidth: w, cellHeight: h } = layout;
  const inset = Math.min(w, h) * 0.08;
  return (
    <rect
      className={className}
      x={round(x + inset)}
      y={round(y + inset)}
      width={round(w - 2 * inset)}
      height={round(h - 2 * inset)}
      rx={round(Math.min(w, h) * 0.16)}
      fill="currentColor"
    />
  );
}
