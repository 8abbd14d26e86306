import { memo } from "react";
import { type CellState, cellState } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { CellFace } from "./cell-face";
import { type ChartLayout, cornerOf } from "./chart-layout";

type Props = { layout: ChartLayout; row: number; states: readonly CellState[] };

/** What a scene says about the cells of a row, also about those that are not there after a short one. */
export const rowStates = ({ numbers, columns }: ChartLayout, row: number, scene: Scene): CellState[] =>
  numbers
    .slice(row * columns, (row + 1) * columns)
    .map((number) => (number === null ? 0 : cellState(scene, number)));

/** A row of cells at rest. A count changes one or two of them: the others are not rendered again. */
export const FaceRow = memo(
  function FaceRow({ layout, row, states }: Props) {
    return states.map((state, column) => {
      const index = row * layout.columns + column;
      const number = layout.numbers[index];
      return number ? (
        <CellFace key={number} layout={layout} {...cornerOf(layout, index)} number={number} state={state} />
      ) : null;
    });
  },
  (was, now) =>
    was.layout === now.layout &&
    was.row === now.row &&
    was.states.every((state, column) => state === now.states[column]),
);
