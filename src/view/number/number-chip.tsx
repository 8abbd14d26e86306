import type { NumberKey } from "@/core/number/exact";
import { type Written, writtenText } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import { cellState, isCovered, withoutCounter, writtenIn } from "@/core/scene/cell-state";
import type { Scene } from "@/core/scene/scene";
import { AskedCell } from "../chart/asked-cell";
import { cellName } from "../chart/cell-name";
import { LabelFace } from "../line/label-face";
import { labelSize } from "../line/label-size";
import { Touchable } from "../touchable";

export type Write = (number: NumberKey) => Written;

/** The number that waits to be written, with what was typed for it so far. */
export type Asks = { number: string; typed: string } | null;

/** How much room a number takes beside others, in parts of its size. */
export const chipWidth = (written: Written) => Math.max(1.2, labelSize(written, 1).width);

/** The widest number that may be under a cover. */
export const UNKNOWN: Written = { whole: "000", over: "", under: "" };

const stateOf = (scene: Scene, number: NumberKey) =>
  // The number in focus has its ring on the line and the chart, not in every sentence.
  withoutCounter(cellState({ ...scene, focus: null }, number));

/** The visible text of a number outside any chart: a cover takes as much room as any number may. */
function seenAs(scene: Scene, number: NumberKey, write: Write): Written {
  const state = stateOf(scene, number);
  // The width of a cover reveals nothing about the number of digits under it.
  const says = writtenIn(state);
  return !isCovered(state) ? write(number) : says === undefined ? UNKNOWN : write(says);
}

/** The width of a number as displayed, in parts of its size. */
export const chipRoom = (scene: Scene, number: NumberKey, write: Write): number =>
  chipWidth(seenAs(scene, number, write));

type Props = {
  scene: Scene;
  number: NumberKey;
  size: number;
  write: Write;
  boxed?: boolean;
  asks?: Asks | undefined;
  onTouch?: ((number: NumberKey) => void) | undefined;
};

/** A number outside any chart or line, with the marks, cover or writing that lies on it. */
export function NumberChip({ scene, number, size, write, boxed = false, asks = null, onTouch }: Props) {
  const state = stateOf(scene, number);
  const written = write(number);
  // Neither the width nor the height of a cover tells what is under it: a fraction is higher than its digits.
  const [width, height] = [
    chipRoom(scene, number, write) * size,
    Math.max(1.5 * size, labelSize(seenAs(scene, number, write), size).height),
  ];
  const waits = asks?.number === number;
  const name = cellName(number, state, "solid");
  const said = name.startsWith(showNumber(number))
    ? writtenText(written) + name.slice(showNumber(number).length)
    : name;
  return (
    <Touchable
      name={waits ? `${said}, to be written` : said}
      data-number={onTouch && number}
      onTouch={onTouch && (() => onTouch(number))}
      className="shrink-0 rounded-button"
    >
      <svg width={width} height={height} aria-hidden className="block overflow-visible">
        <LabelFace
          x={width / 2}
          y={height / 2}
          width={width - 3}
          height={height - 3}
          numeral={size}
          heavy={5}
          state={state}
          number={number}
          write={write}
          boxed={boxed}
        />
        {waits && (
          <AskedCell
            layout={{ cellWidth: width, cellHeight: height, numeral: size, shape: 3, covers: "solid" }}
            corner={{ x: 0, y: 0 }}
            typed={asks?.typed ?? ""}
          />
        )}
      </svg>
    </Touchable>
  );
}
