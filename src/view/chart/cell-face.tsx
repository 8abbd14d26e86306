import { memo } from "react";
import type { NumberKey } from "@/core/number/exact";
import type { CellState } from "@/core/scene/cell-state";
import { Shapes } from "../shape";
import type { FaceLayout } from "./chart-layout";
import { counterShapes, coverShape, faceShapes, inkShapes, slipShape, wrongLine } from "./face-shapes";

type At = { layout: FaceLayout; x: number; y: number };

/** A cell at rest. */
export const CellFace = memo(function CellFace({
  number,
  state,
  ...at
}: At & { number: NumberKey; state: CellState }) {
  return <Shapes shapes={faceShapes(at, number, state)} />;
});

/** The grounds and shapes of a cell's inks. */
export function Inks({ inks, ...at }: At & { inks: number }) {
  return <Shapes shapes={inkShapes(at, inks)} />;
}

/** A counter on a number. */
export function OnNumber(at: At) {
  return <Shapes shapes={counterShapes(at)} />;
}

/** A line under a number that does not belong. */
export function Wrong(at: At) {
  return <Shapes shapes={[wrongLine(at)]} />;
}

/** A solid cover that is laid. */
export function Cover(at: At) {
  return <Shapes shapes={[coverShape(at, "cover cover-laid")]} />;
}

/** A slip laid over a solid cover, to write on. */
export function Slip(at: At) {
  return <Shapes shapes={[slipShape(at)]} />;
}
