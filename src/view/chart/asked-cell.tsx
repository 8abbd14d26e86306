import type { FaceLayout } from "./chart-layout";

type Props = { layout: FaceLayout; corner: { x: number; y: number }; typed: string };

/** The cell that waits for its number, with what was typed for it so far. */
export function AskedCell({ layout, corner, typed }: Props) {
  const { x, y } = corner;
  const { cellWidth: w, cellHeight: h } = layout;
  const text = typed || "?";
  const size = Math.min(layout.numeral, (w * 0.86) / (text.length * 0.64));
  return (
    <g data-part="asked">
      <rect
        x={x}
        y={y}
        width={w}
        height={h}
        rx={Math.min(Math.max(8, h / 8), h / 5)}
        fill="var(--color-stair)"
        stroke="var(--color-ink)"
        strokeWidth={Math.min(Math.max(4, h / 15), h / 8)}
      />
      <text
        x={x + w / 2}
        y={y + h / 2 + size * 0.35}
        fontSize={size}
        fontWeight={700}
        textAnchor="middle"
        className="font-numeral"
        fill="var(--color-on-stair)"
      >
        {text}
      </text>
    </g>
  );
}
