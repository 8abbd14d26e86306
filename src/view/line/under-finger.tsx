import { differenceOf, type NumberKey } from "@/core/number/exact";
import { PeekFace } from "../chart/peek";
import { signed } from "./arc-labels";
import type { LineLayout } from "./line-layout";

/** The length of a jump that is still under the finger. */
export function JumpSize({
  layout,
  from,
  to,
  jump,
}: {
  layout: LineLayout;
  from: number;
  to: number;
  jump: { from: string; to: string };
}) {
  const by = differenceOf(jump.to, jump.from);
  if (by === "0") return null;
  const { x, y } = layout.geometry.point((from + to) / 2, Math.min(layout.geometry.headroom, 120) + 20);
  return (
    <text
      x={x}
      y={Math.max(26, y)}
      fontSize={30}
      fontWeight={700}
      textAnchor="middle"
      fill="var(--color-wrong)"
      className="font-numeral"
    >
      {signed(by, layout.write)}
    </text>
  );
}

/** A covered number while a finger rests on it. */
export function Peek({
  layout,
  box,
  number,
}: {
  layout: LineLayout;
  box: { x: number; y: number; width: number; height: number };
  number: NumberKey;
}) {
  const [width, height] = [Math.max(box.width, 56), Math.max(box.height, 44)];
  return (
    <PeekFace
      layout={{ ...layout.face, cellWidth: width, cellHeight: height }}
      corner={{ x: box.x - width / 2, y: box.y - height / 2 }}
      target={number}
    />
  );
}
