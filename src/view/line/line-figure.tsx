import { memo } from "react";
import { benchmarksOf } from "@/core/count/bridge";
import { exact, type NumberKey } from "@/core/number/exact";
import type { LineMarks } from "@/core/scene/line-marks";
import { type AnyLine, isClosed } from "@/core/surface/line";
import { round } from "../round";
import { Brackets } from "./brackets";
import { FlagFigure } from "./flag";
import { Jumps } from "./jumps";
import { LabelFace } from "./label-face";
import type { LineLayout } from "./line-layout";
import type { Label } from "./place-labels";
import { StripCells } from "./strip-cells";

type Props = {
  line: AnyLine;
  layout: LineLayout;
  marks: LineMarks;
  /** The jumps lie in a drawing of their own. */
  jumpsApart?: boolean;
};

/** The drawing of a line: its axis and ticks, its jumps, its labels and what is laid on them. */
export const LineFigure = memo(function LineFigure({ line, layout, marks, jumpsApart = false }: Props) {
  const { geometry, placing, heavy, ticks, labels, flags } = layout;
  const { trail, focus } = marks;
  const benchmarks = trail
    ? benchmarksOf(trail, line.numbers === "decimal" ? 1 : Number(layout.scale.step.d))
    : new Set<NumberKey>();
  // In a strip, the ring round the cell is the pointer.
  const points = focus !== null && line.pointer !== "off" && geometry.shape !== "strip";
  const shown = points ? placing.partOf(exact(focus)) : null;
  const seen = shown !== null && (isClosed(line) || (shown > -0.001 && shown < 1.001));
  const led = labels.filter((label) => label.led !== null && geometry.shape === "flat");
  const pointer = seen ? geometry.point(shown, 0) : null;
  return (
    <>
      {geometry.shape === "strip" ? (
        <>
          <StripCells line={line} layout={layout} marks={marks} />
          <Brackets layout={layout} marks={marks} />
        </>
      ) : (
        <>
          <path d={ticks.small} stroke="currentColor" strokeWidth={heavy * 0.5} />
          <path d={ticks.large} stroke="currentColor" strokeWidth={heavy * 0.75} strokeLinecap="round" />
          <Axis line={line} layout={layout} />
        </>
      )}
      {labels.map(
        ({ key, led, x, y, width, height }) =>
          led && (
            <path
              key={key}
              d={
                geometry.shape === "upright"
                  ? `M${round(led.x - 12)} ${round(led.y)}H${round(x + width / 2)}`
                  : `M${round(led.x)} ${round(led.y + 12)}V${round(y - height / 2)}`
              }
              stroke="var(--color-quiet)"
              strokeWidth={2}
              strokeDasharray="1 5"
              strokeLinecap="round"
            />
          ),
      )}
      {!jumpsApart && <Jumps layout={layout} marks={marks} />}
      {pointer && (
        <circle
          data-part="pointer"
          pointerEvents="all"
          cx={round(pointer.x)}
          cy={round(pointer.y)}
          r={heavy * 2.4}
          fill="var(--color-focus)"
          stroke="var(--color-board)"
          strokeWidth={3}
        />
      )}
      {geometry.shape !== "strip" &&
        labels.map((label) => (
          <LabelFace
            key={label.key}
            x={label.x}
            y={label.y}
            width={label.width}
            height={label.height}
            numeral={layout.numeral}
            heavy={heavy}
            state={label.state}
            number={label.key}
            write={layout.written}
            bold={label.bold}
            boxed={benchmarks.has(label.key)}
            ringed={label.key === marks.start}
            opaque={label.led !== null || led.some((other) => crosses(other, label))}
          />
        ))}
      {flags.map(({ key, state, at }) => (
        <FlagFigure key={key} state={state} x={at.x} y={at.y} />
      ))}
    </>
  );
});

/** Whether the leader line of a label in the second row crosses one in the first. */
const crosses = ({ led }: Label, { x, width }: Label) => led !== null && Math.abs(led.x - x) < width / 2;

/** The line itself. Where it goes on beyond what is seen, an open arrow says so; a pinned one ends. */
function Axis({ line, layout }: { line: AnyLine; layout: LineLayout }) {
  const { geometry, heavy, numeral, unit } = layout;
  const [a, b] = [geometry.point(0, 0), geometry.point(1, 0)];
  const style = { fill: "none", stroke: "currentColor", strokeWidth: heavy, strokeLinecap: "round" as const };
  if (geometry.shape === "ring") {
    const radius = geometry.length / (2 * Math.PI);
    return (
      <>
        <circle cx={round(a.x)} cy={round(a.y + radius)} r={round(radius)} {...style} />
        {unit && <UnitName x={a.x} y={a.y + radius} size={numeral} unit={unit} middle />}
      </>
    );
  }
  const upright = geometry.shape === "upright";
  const over = line.pinned ? 0 : 14;
  const [ax, ay] = upright ? [a.x, a.y + over] : [a.x - over, a.y];
  const [bx, by] = upright ? [b.x, b.y - over] : [b.x + over, b.y];
  const head = (x: number, y: number, way: 1 | -1) =>
    upright
      ? `M${round(x - 7)} ${round(y + way * 8)}L${round(x)} ${round(y)}L${round(x + 7)} ${round(y + way * 8)}`
      : `M${round(x - way * 8)} ${round(y - 7)}L${round(x)} ${round(y)}L${round(x - way * 8)} ${round(y + 7)}`;
  return (
    <>
      <path d={`M${round(ax)} ${round(ay)}L${round(bx)} ${round(by)}`} {...style} />
      {!line.pinned && (
        <path
          d={upright ? head(ax, ay, -1) + head(bx, by, 1) : head(ax, ay, -1) + head(bx, by, 1)}
          {...style}
          strokeWidth={heavy * 0.75}
        />
      )}
      {unit && (
        <UnitName
          x={upright ? b.x + 26 : b.x + 8}
          y={upright ? b.y : b.y - 30}
          size={numeral}
          unit={unit}
          middle={false}
          end={!upright}
        />
      )}
    </>
  );
}

type UnitProps = { x: number; y: number; size: number; unit: string; middle: boolean; end?: boolean };

function UnitName({ x, y, size, unit, middle, end = false }: UnitProps) {
  return (
    <text
      x={round(x)}
      y={round(y + size * 0.25)}
      fontSize={round(size * 0.7)}
      fontWeight={600}
      textAnchor={middle ? "middle" : end ? "end" : "start"}
      fill="var(--color-quiet)"
    >
      {unit}
    </text>
  );
}
