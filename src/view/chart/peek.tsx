import { numberOf, type Target } from "@/core/surface/cell-key";
import { type FaceLayout, textIn } from "./chart-layout";

type Props = { layout: FaceLayout; corner: { x: number; y: number }; target: Target };

/** The number of a covered cell, small and light, while the teacher's finger rests on it. */
export function PeekFace({ layout, corner, target }: Props) {
  const { x, y } = corner;
  const { cellWidth: w, cellHeight: h } = layout;
  const size = Math.min(layout.numeral * 0.7, 22);
  return (
    <g data-part="peek">
      <rect
        x={x + 2}
        y={y + 2}
        width={w - 4}
        height={h - 4}
        rx={6}
        fill="var(--color-board)"
        stroke="var(--color-quiet)"
        strokeWidth={2}
        strokeDasharray="5 4"
      />
      <text
        x={x + w / 2}
        y={y + h / 2 + size * 0.35}
        fontSize={size}
        textAnchor="middle"
        className="font-numeral"
        fill="var(--color-quiet)"
      >
        {textIn(layout, numberOf(target))}
      </text>
    </g>
  );
}
