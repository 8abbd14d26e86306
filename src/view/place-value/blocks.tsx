import { round } from "../round";
import type { Block } from "./blocks-layout";
import { placeStyle } from "./place-style";

/** Lines across a rod or a plate, so that its ones can be counted. */
const lines = (from: number, unit: number, along: number, at: (line: number) => string) =>
  Array.from({ length: along - 1 }, (_, i) => at(round(from + (i + 1) * unit))).join("");

/** A one, a rod of ten, a plate of a hundred, or a cube of a thousand. */
export function BlockShape({ place, x, y, unit }: Block) {
  const { ground, line } = placeStyle(place);
  const side = {
    stroke: line,
    strokeWidth: Math.max(1.5, Math.min(2.5, unit / 6), unit / 14),
    strokeLinejoin: "round",
  } as const;
  const fine = {
    stroke: line,
    strokeWidth: Math.max(1, unit / 28),
    strokeOpacity: 0.55,
    fill: "none",
  } as const;
  const [ten, depth] = [10 * unit, 3 * unit];
  if (place === 0) {
    return (
      <rect x={round(x)} y={round(y)} width={unit} height={unit} rx={unit * 0.14} fill={ground} {...side} />
    );
  }
  if (place === 1) {
    return (
      <g>
        <rect x={round(x)} y={round(y)} width={unit} height={ten} rx={unit * 0.14} fill={ground} {...side} />
        {unit > 3 && <path d={lines(y, unit, 10, (at) => `M${round(x)} ${at}h${unit}`)} {...fine} />}
      </g>
    );
  }
  const front = place === 3 ? y + depth : y;
  return (
    <g>
      {place === 3 && (
        <path
          d={`M${round(x)} ${round(front)}l${depth} ${-depth}h${ten}v${ten}l${-depth} ${depth}M${round(x + ten)} ${round(front)}l${depth} ${-depth}`}
          fill={ground}
          {...side}
        />
      )}
      <rect x={round(x)} y={round(front)} width={ten} height={ten} rx={unit * 0.2} fill={ground} {...side} />
      {unit > 3 && (
        <path
          d={
            lines(front, unit, 10, (at) => `M${round(x)} ${at}h${ten}`) +
            lines(x, unit, 10, (at) => `M${at} ${round(front)}v${ten}`)
          }
          {...fine}
        />
      )}
    </g>
  );
}
