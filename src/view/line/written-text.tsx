import type { Written } from "@/core/number/fraction-text";
import { BEFORE_FRACTION, DIGIT, OF_FRACTION } from "../chart/chart-layout";
import { round } from "../round";

type Props = { written: Written; x: number; y: number; size: number; bold?: boolean; color?: string };

/** A number in its middle at a point: a fraction with its numbers one above the other, and a bar between them. */
export function WrittenText({ written, x, y, size, bold = false, color = "currentColor" }: Props) {
  const { whole, over, under } = written;
  const style = {
    fontWeight: bold ? 700 : 400,
    fill: color,
    className: "font-numeral",
    textAnchor: "middle" as const,
  };
  if (under === "") {
    return (
      <text x={x} y={round(y + size * 0.35)} fontSize={size} {...style}>
        {whole}
      </text>
    );
  }
  const small = size * OF_FRACTION;
  const bar = Math.max(over.length, under.length) * DIGIT * small;
  const wide = whole.length * DIGIT * size;
  const gap = whole ? size * BEFORE_FRACTION : 0;
  const left = x - (wide + gap + bar) / 2;
  const middle = left + wide + gap + bar / 2;
  return (
    <>
      {whole && (
        <text x={round(left + wide / 2)} y={round(y + size * 0.35)} fontSize={size} {...style}>
          {whole}
        </text>
      )}
      <text x={round(middle)} y={round(y - size * 0.13)} fontSize={round(small)} {...style}>
        {over}
      </text>
      <text x={round(middle)} y={round(y + size * 0.73)} fontSize={round(small)} {...style}>
        {under}
      </text>
      <path
        d={`M${round(middle - bar / 2)} ${round(y)}h${round(bar)}`}
        stroke={color}
        strokeWidth={Math.max(1.5, size / 16)}
      />
    </>
  );
}
