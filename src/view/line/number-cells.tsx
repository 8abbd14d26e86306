import { memo } from "react";
import type { LineView } from "@/core/lesson/views-of";
import { exact, type NumberKey } from "@/core/number/exact";
import { writeNumber, writtenText } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import { cellState, isAsked } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { cellName } from "../chart/cell-name";
import type { LineLayout } from "./line-layout";
import { boxAt } from "./number-near";

type Props = {
  line: LineView;
  layout: LineLayout;
  scene: Scene;
  /** The number that the keys act on. */
  standing: NumberKey;
  /** The number that the class is asked for. */
  asked: NumberKey | null;
};

/** The numbers of a line for screen readers and keys: its labels, the one that the keys act on, and the one asked for. */
export const NumberCells = memo(function NumberCells({ line, layout, scene, standing, asked }: Props) {
  const labelled = new Set(layout.labels.map(({ key }) => key));
  const nameOf = (key: NumberKey) => {
    const state = cellState(scene, key);
    // An unlabelled tick that is asked for is not named: its name is the answer.
    if (isAsked(state) && !labelled.has(key)) return "A tick, asked for";
    const name = cellName(key, state, "solid");
    const said = writtenText(writeNumber(exact(key), line.numbers, layout.scale.step.d));
    return name.startsWith(showNumber(key)) ? said + name.slice(showNumber(key).length) : name;
  };
  const bare = [...new Set(asked === null ? [standing] : [standing, asked])].filter(
    (key) => !labelled.has(key),
  );
  // Read in the order of their numbers.
  const cells = [...layout.labels, ...bare.map((key) => ({ ...boxAt(layout, key), key }))].toSorted((a, b) =>
    exact(a.key).compare(exact(b.key)),
  );
  return cells.map(({ key, x, y, width, height }) => (
    // biome-ignore lint/a11y/useSemanticElements: a line is drawn in SVG; its numbers are a row of places.
    <g
      key={key}
      role="gridcell"
      aria-label={nameOf(key)}
      data-number={key}
      tabIndex={key === standing ? 0 : -1}
      {...(key === standing ? { "data-keyboard": "" } : {})}
      className="place"
    >
      <rect x={x - width / 2} y={y - height / 2} width={width} height={height} fill="transparent" />
    </g>
  ));
});
