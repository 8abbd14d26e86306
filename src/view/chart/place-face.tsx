import { memo } from "react";
import { inksIn, isCovered, isWrong, type PlaceState, standsOut, writtenIn } from "@/core/lesson/place-state";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { INK_HOME, splitInks } from "@/core/surface/ink-split";
import { INK_LOOK } from "../ink/ink-look";
import { InkFigure } from "../ink/ink-shape";
import { round } from "../round";
import { type FaceLayout, numeralSize } from "./chart-layout";

type Props = { layout: FaceLayout; x: number; y: number; number: NumberKey; state: PlaceState };

/**
 * What a place shows: its inks and its numeral. A solid cover shows nothing of either, an empty place its inks; what
 * was written in a covered place by hand stands there in a colour of its own.
 */
export const PlaceFace = memo(function PlaceFace({ layout, x, y, number, state }: Props) {
  const covered = isCovered(state);
  const written = covered ? writtenIn(state) : undefined;
  if (covered && layout.covers === "solid") {
    if (written === undefined) return <Cover layout={layout} x={x} y={y} className="cover cover-laid" />;
    return (
      <>
        <Slip layout={layout} x={x} y={y} />
        <Numeral layout={layout} x={x} y={y} number={written} look="by-hand" />
        {isWrong(state) && <Wrong layout={layout} x={x} y={y} />}
      </>
    );
  }
  const inks = inksIn(state);
  const shown = covered ? written : number;
  const look = covered ? "by-hand" : standsOut(state) ? "out" : inks ? "marked" : "plain";
  return (
    <>
      {inks !== 0 && <Inks layout={layout} x={x} y={y} inks={inks} />}
      {shown !== undefined && <Numeral layout={layout} x={x} y={y} number={shown} look={look} />}
      {isWrong(state) && <Wrong layout={layout} x={x} y={y} />}
    </>
  );
});

type At = { layout: FaceLayout; x: number; y: number };

/** The grounds and shapes of a place's inks. */
export function Inks({ layout, x, y, inks }: At & { inks: number }) {
  const { cellWidth: w, cellHeight: h, shape } = layout;
  const split = splitInks(inks);
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
    </>
  );
}

type NumeralLook = "plain" | "marked" | "out" | "by-hand";

function Numeral({ layout, x, y, number, look }: At & { number: NumberKey; look: NumeralLook }) {
  const text = showNumber(number);
  const size = numeralSize(layout, text, look === "out");
  return (
    <text
      x={round(x + layout.cellWidth / 2)}
      y={round(y + layout.cellHeight / 2 + size * 0.35)}
      fontSize={size}
      fontWeight={look === "plain" ? 400 : 700}
      textAnchor="middle"
      className="font-numeral"
      fill={look === "by-hand" ? "var(--color-by-hand)" : "currentColor"}
    >
      {text}
    </text>
  );
}

/** A wavy line under a number that does not belong: seen in any light, and by every eye. */
export function Wrong({ layout, x, y }: At) {
  const { cellWidth: w, cellHeight: h } = layout;
  const [wave, height] = [w / 8, Math.min(4, h / 12)];
  const from = x + w / 2 - 2 * wave;
  const line = `M${round(from)} ${round(y + h * 0.86)}${`q${round(wave / 2)} ${round(height)} ${round(wave)} 0q${round(wave / 2)} ${round(-height)} ${round(wave)} 0`.repeat(2)}`;
  return <path d={line} fill="none" stroke="var(--color-wrong)" strokeWidth={Math.max(2, h / 18)} />;
}

/** A solid cover, a little smaller than its place. */
export function Cover({ layout, x, y, className }: At & { className: string }) {
  return <Inset layout={layout} x={x} y={y} className={className} fill="currentColor" />;
}

/** A slip laid over a solid cover, to write on. */
export function Slip(at: At) {
  return (
    <Inset {...at} className="cover" fill="var(--color-board)" stroke="var(--color-ink)" strokeWidth={2} />
  );
}

type InsetProps = At & { className: string; fill: string; stroke?: string; strokeWidth?: number };

function Inset({ layout, x, y, ...look }: InsetProps) {
  const { cellWidth: w, cellHeight: h } = layout;
  const inset = Math.min(w, h) * 0.08;
  return (
    <rect
      x={round(x + inset)}
      y={round(y + inset)}
      width={round(w - 2 * inset)}
      height={round(h - 2 * inset)}
      rx={round(Math.min(w, h) * 0.16)}
      {...look}
    />
  );
}
