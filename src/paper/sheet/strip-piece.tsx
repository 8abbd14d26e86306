import { showNumber } from "@/core/number/show-number";
import { MM } from "../units";
import { PIECE, type Standing } from "./lay-out";

/** A piece of a strip in true size, with its edge for glue. */
export function StripPiece({ numbers, strip, glue }: Extract<Standing, { kind: "piece" }>) {
  const [cell, high] = [strip.cell * MM, PIECE.height * MM];
  const wide = numbers.length * cell;
  const longest = Math.max(...strip.numbers.map((number) => showNumber(number).length));
  const size = Math.min(high * 0.42, (cell * 0.9) / (longest * 0.62));
  return (
    <svg
      aria-hidden
      width={wide + (glue ? PIECE.glue * MM : 0)}
      height={high}
      className="block overflow-visible"
    >
      {glue && (
        <rect
          x={wide}
          y={0}
          width={PIECE.glue * MM}
          height={high}
          fill="#dfe5ec"
          stroke="var(--color-quiet)"
          strokeDasharray="4 3"
        />
      )}
      {numbers.map((number, i) => (
        <g key={number}>
          <rect
            x={i * cell}
            y={0}
            width={cell}
            height={high}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={1.2}
          />
          {!strip.blank && (
            <text
              x={(i + 0.5) * cell}
              y={high / 2 + size * 0.35}
              fontSize={size}
              textAnchor="middle"
              className="font-numeral"
              fill="var(--color-ink)"
            >
              {showNumber(number)}
            </text>
          )}
        </g>
      ))}
    </svg>
  );
}
