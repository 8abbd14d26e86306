import { memo, useId } from "react";
import type { NumberKey } from "@/core/number/exact";
import type { Written } from "@/core/number/fraction-text";
import {
  type CellState,
  hasCounter,
  inksIn,
  isCovered,
  isFocus,
  isWrong,
  standsOut,
  writtenIn,
} from "@/core/scene/cell-state";
import { Cover, OnNumber, Slip, Wrong } from "../chart/cell-face";
import { inkShapes } from "../chart/face-shapes";
import { round } from "../round";
import { type Shape, Shapes } from "../shape";
import { WrittenText } from "./written-text";

type Props = {
  /** Its middle and its size. */
  x: number;
  y: number;
  width: number;
  height: number;
  numeral: number;
  heavy: number;
  state: CellState;
  number: NumberKey;
  write: (number: NumberKey) => Written;
  bold?: boolean;
  boxed?: boolean;
  ringed?: boolean;
  /** It lies over something, and hides it. */
  opaque?: boolean;
};

/** How large a numeral is with the shapes of its inks in the corners of its label, in parts of one that has none. */
const WITH_SHAPES = 0.94;

/** A number outside a chart: its numeral, with the inks, cover or writing that lies on it. */
export const LabelFace = memo(function LabelFace(props: Props) {
  const { x, y, width, height, numeral, heavy, state, number, write } = props;
  const { bold = false, boxed = false, ringed = false, opaque = false } = props;
  const corner = { x: round(x - width / 2), y: round(y - height / 2) };
  const covered = isCovered(state);
  const says = covered ? writtenIn(state) : undefined;
  const inks = covered ? 0 : inksIn(state);
  const isOut = !covered && standsOut(state);
  const face = {
    cellWidth: width,
    cellHeight: height,
    numeral,
    shape: round(Math.max(3, numeral * 0.15)),
    covers: "solid" as const,
  };
  if (hasCounter(state)) return <OnNumber layout={face} {...corner} />;
  if (covered && says === undefined) return <Cover layout={face} {...corner} />;
  const box = { ...corner, width, height, rx: Math.min(10, height / 5) };
  const size = numeral * (isOut ? 1.2 : inks === 0 ? 1 : WITH_SHAPES);
  return (
    <>
      {inks === 0 && !covered && (opaque || ringed || isFocus(state)) && (
        <rect {...box} fill="var(--color-board)" />
      )}
      {inks === 0 && !covered && boxed && (
        <rect {...box} fill="var(--color-lit)" stroke="var(--color-stair)" strokeWidth={3} />
      )}
      {inks !== 0 && <Ground box={box} shapes={inkShapes({ layout: face, ...corner }, inks)} />}
      {says !== undefined && <Slip layout={face} {...corner} />}
      {ringed && !covered && <rect {...box} fill="none" stroke="currentColor" strokeWidth={heavy * 0.6} />}
      {isFocus(state) && <rect {...box} fill="none" stroke="var(--color-focus)" strokeWidth={heavy * 0.9} />}
      <WrittenText
        written={write(says ?? number)}
        x={x}
        y={y}
        size={round(size)}
        bold={bold || inks !== 0 || isOut || covered}
        {...(covered ? { color: "var(--color-by-hand)" } : {})}
      />
      {isWrong(state) && <Wrong layout={face} {...corner} />}
    </>
  );
});

type Box = { x: number; y: number; width: number; height: number; rx: number };

/** The inks of a label: one is its whole ground, several share it and are clipped to its corners. */
function Ground({ box, shapes }: { box: Box; shapes: readonly Shape[] }) {
  const id = useId();
  // Of each ink there is a ground and a figure.
  if (shapes.length === 2) {
    return (
      <>
        <rect {...box} fill={shapes[0]!.attributes.fill as string} />
        <Shapes shapes={shapes.slice(1)} />
      </>
    );
  }
  return (
    <>
      <clipPath id={id}>
        <rect {...box} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <Shapes shapes={shapes} />
      </g>
    </>
  );
}
