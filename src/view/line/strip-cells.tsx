import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { type Written, writeNumber } from "@/core/number/fraction-text";
import {
  type CellState,
  hasCounter,
  inksIn,
  isCovered,
  isFocus,
  standsOut,
  writtenIn,
} from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import { hasInk, INKS } from "@/core/set/ink";
import type { AnyLine } from "@/core/surface/line";
import { tickAt, ticksIn } from "@/core/surface/line-scale";
import { Cover, Inks, OnNumber, Slip } from "../chart/cell-face";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { cellHeight } from "./line-geometry";
import type { LineLayout } from "./line-layout";
import { WrittenText } from "./written-text";

type Props = { line: AnyLine; layout: LineLayout; marks: LineMarks };

/** A cell narrower than this has no room for its own outline. */
const MIN_CELL = 5;

const digitsOf = ({ whole, over }: Written) => (whole + over).length;

/** The cells of a number strip. Where they are too narrow for their numbers, these stand below them. */
export function StripCells(props: Props) {
  return props.layout.cell < MIN_CELL ? <NarrowCells {...props} /> : <WideCells {...props} />;
}

function WideCells({ line, layout, marks }: Props) {
  const { geometry, placing, scale, span, cell, numeral, heavy, below } = layout;
  const { first, last } = ticksIn(span, scale);
  const height = cellHeight(cell, layout.room.height);
  const top = geometry.point(0, 0).y - height / 2;
  const labelled = new Map(layout.labels.map((label) => [label.key, label]));
  // The numbers of a strip are of one size: a larger one would look as if it stood out.
  const longest = Math.max(1, ...layout.labels.map(({ written }) => digitsOf(written)));
  return (
    <>
      {Array.from({ length: Number(last - first) + 1 }, (_, i) => {
        const value = tickAt(scale, first + BigInt(i));
        const key = keyOf(value);
        const { x } = geometry.point(placing.partOf(value), 0);
        const state = marks.states[key] ?? 0;
        const face = {
          ...layout.face,
          cellWidth: cell,
          cellHeight: height,
          shape: Math.min(layout.face.shape, cell / 9),
        };
        const corner = { x: round(x - cell / 2), y: round(top) };
        const covered = isCovered(state);
        const says = covered ? writtenIn(state) : undefined;
        const label = labelled.get(key);
        const written =
          says === undefined ? label?.written : writeNumber(exact(says), line.numbers, scale.step.d);
        const digits = Math.max(longest, written ? digitsOf(written) : 0);
        const inside = Math.min(height * 0.5, (cell * 0.86) / (digits * 0.64), numeral * 1.4);
        return (
          <g key={key}>
            {!covered && inksIn(state) !== 0 && <Inks layout={face} {...corner} inks={inksIn(state)} />}
            <rect
              {...corner}
              width={round(cell)}
              height={round(height)}
              fill="none"
              stroke="currentColor"
              strokeWidth={heavy * 0.5}
            />
            {hasCounter(state) && <OnNumber layout={face} {...corner} />}
            {covered && !hasCounter(state) && says === undefined && <Cover layout={face} {...corner} />}
            {says !== undefined && <Slip layout={face} {...corner} />}
            {written && isTold(state, says) && (
              <WrittenText
                written={written}
                x={round(x)}
                y={below && label ? label.y : round(top + height / 2)}
                size={round(below && label ? numeral : inside)}
                bold={covered || inksIn(state) !== 0 || standsOut(state)}
                {...(covered ? { color: "var(--color-by-hand)" } : {})}
              />
            )}
            {isFocus(state) && (
              <rect
                x={round(x - cell / 2 + 2)}
                y={round(top + 2)}
                width={round(cell - 4)}
                height={round(height - 4)}
                rx={Math.min(6, cell / 4)}
                fill="none"
                stroke="var(--color-focus)"
                strokeWidth={heavy}
              />
            )}
          </g>
        );
      })}
    </>
  );
}

/** A strip with too many cells for their outlines: its frame, the cells with a number, and marks on any cell. */
function NarrowCells({ line: { numbers }, layout, marks }: Props) {
  const { geometry, placing, scale, cell, numeral, heavy, labels } = layout;
  const height = cellHeight(cell, layout.room.height);
  const { x: left, y } = geometry.point(0, 0);
  const top = y - height / 2;
  const middle = (key: NumberKey) => geometry.point(placing.partOf(exact(key)), 0).x;
  const line = { fill: "none", stroke: "currentColor", strokeWidth: heavy * 0.5 };
  return (
    <>
      {Object.entries(marks.states).map(([key, state]) => {
        const fill = fillOf(state);
        return (
          fill && (
            <rect
              key={key}
              x={round(middle(key) - cell / 2)}
              y={round(top)}
              width={round(cell)}
              height={round(height)}
              fill={fill}
            />
          )
        );
      })}
      <rect
        x={round(left)}
        y={round(top)}
        width={round(geometry.length)}
        height={round(height)}
        rx={3}
        {...line}
      />
      {labels.map(({ key, state, written, x, y, bold }) => {
        const says = isCovered(state) ? writtenIn(state) : undefined;
        return (
          <g key={key}>
            <path d={`M${round(middle(key))} ${round(top + height)}v${TICK}`} {...line} />
            {isTold(state, says) && (
              <WrittenText
                written={says === undefined ? written : writeNumber(exact(says), numbers, scale.step.d)}
                x={x}
                y={y}
                size={numeral}
                bold={bold}
                {...(says === undefined ? {} : { color: "var(--color-by-hand)" })}
              />
            )}
          </g>
        );
      })}
      {Object.entries(marks.states).map(
        ([key, state]) =>
          isFocus(state) && (
            <rect
              key={key}
              x={round(middle(key) - MIN_CELL)}
              y={round(top - 3)}
              width={2 * MIN_CELL}
              height={round(height + 6)}
              rx={4}
              fill="none"
              stroke="var(--color-focus)"
              strokeWidth={heavy}
            />
          ),
      )}
    </>
  );
}

/** From a narrow cell to its number, in pixels. */
const TICK = 6;

/** Whether the number of a cell is visible: no counter lies on it, and no cover without a number written on it. */
const isTold = (state: CellState, says: NumberKey | undefined): boolean =>
  !hasCounter(state) && (!isCovered(state) || says !== undefined);

/** The fill of a cell without room for anything else. */
function fillOf(state: CellState): string | null {
  if (hasCounter(state)) return "var(--color-kelp-dot)";
  if (isCovered(state)) return "var(--color-cover)";
  const ink = INKS.find((one) => hasInk(inksIn(state), one));
  return ink ? INK_STYLE[ink].figure : null;
}
