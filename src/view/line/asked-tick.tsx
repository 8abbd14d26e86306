import { exact, type NumberKey } from "@/core/number/exact";
import { AskedCell } from "../chart/asked-cell";
import { round } from "../round";
import type { LineLayout } from "./line-layout";
import { boxAt } from "./number-near";

type Box = { x: number; y: number; width: number; height: number };

type AskedProps = { kind: "line" | "strip"; layout: LineLayout; number: NumberKey; typed: string };

/** The number of a line that is asked for: in its label's place if it has one, else at its tick. */
export function AskedNumber({ kind, layout, number, typed }: AskedProps) {
  const placed = kind === "strip" || layout.labels.some(({ key }) => key === number);
  return placed ? (
    <AskedLabel layout={layout} box={boxAt(layout, number)} typed={typed} />
  ) : (
    <AskedTick layout={layout} number={number} typed={typed} />
  );
}

/** A label that waits for its number, in its own place. */
function AskedLabel({ layout, box, typed }: { layout: LineLayout; box: Box; typed: string }) {
  const [width, height] = [Math.max(box.width, 56), Math.max(box.height, 52)];
  return (
    <AskedCell
      layout={{ ...layout.face, cellWidth: width, cellHeight: height }}
      corner={{ x: box.x - width / 2, y: box.y - height / 2 }}
      typed={typed}
    />
  );
}

/** The distance of the box for a ringed tick's number from the line, in pixels: clear of the ring and of the labels. */
const OFF = 78;

/** A tick without a label that is asked for: ringed where it is, with room for its number on the side of the jumps. */
function AskedTick({ layout, number, typed }: { layout: LineLayout; number: NumberKey; typed: string }) {
  const { geometry, placing, heavy, numeral, widest, tallest } = layout;
  const part = placing.partOf(exact(number));
  if (geometry.shape !== "ring" && (part < -0.001 || part > 1.001)) return null;
  const tick = geometry.point(part, 0);
  const width = Math.max(72, typed.length * numeral * 0.64 + 24);
  // Inside a ring, where there is room beyond its labels; on other lines over or beside them.
  const off =
    geometry.shape === "ring"
      ? -(Math.max(widest, tallest) + OFF)
      : geometry.shape === "upright"
        ? OFF - 24 + width / 2
        : Math.min(OFF, tick.y - 34);
  const at = geometry.point(part, off);
  const box = { x: at.x, y: at.y, width, height: 56 };
  const reach = heavy * 4.5;
  const far = Math.hypot(at.x - tick.x, at.y - tick.y);
  const [dx, dy] = [(at.x - tick.x) / far, (at.y - tick.y) / far];
  return (
    <g>
      <path
        d={`M${round(tick.x + dx * reach)} ${round(tick.y + dy * reach)}L${round(at.x)} ${round(at.y)}`}
        stroke="var(--color-ink)"
        strokeWidth={heavy * 0.6}
        strokeDasharray="1 7"
        strokeLinecap="round"
      />
      <circle
        data-part="ringed"
        cx={round(tick.x)}
        cy={round(tick.y)}
        r={reach}
        fill="none"
        stroke="var(--color-ink)"
        strokeWidth={heavy + 3}
      />
      <circle
        cx={round(tick.x)}
        cy={round(tick.y)}
        r={reach}
        fill="none"
        stroke="var(--color-stair)"
        strokeWidth={heavy}
      />
      <AskedLabel layout={layout} box={box} typed={typed} />
    </g>
  );
}
