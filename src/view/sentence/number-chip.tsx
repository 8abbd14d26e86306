"use client";

import { useId } from "react";
import type { NumberKey } from "@/core/number/exact";
import { type Written, writtenText } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import { isCovered, placeState, writtenIn } from "@/core/scene/place-state";
import type { Scene } from "@/core/scene/scene";
import { AskedPlace } from "../chart/asked-place";
import { placeName } from "../chart/place-name";
import { LabelFace } from "../line/label-face";
import { labelSize } from "../line/line-layout";

export type Write = (number: NumberKey) => Written;

/** How much room a number takes beside others, in parts of its size. */
export const chipWidth = (written: Written) => Math.max(1.2, labelSize(written, 1).width);

/** As wide as what is under a cover may be. */
export const UNKNOWN: Written = { whole: "000", over: "", under: "" };

type Props = {
  scene: Scene;
  number: NumberKey;
  size: number;
  write: Write;
  boxed?: boolean;
  /** What waits for its number, with what was typed for it so far. */
  asks?: { number: string; typed: string } | null;
  onTouch?: (number: NumberKey) => void;
};

/** A number outside any chart or line, with the marks, cover or writing that lies on it. */
export function NumberChip({ scene, number, size, write, boxed = false, asks, onTouch }: Props) {
  const id = useId();
  // What is talked about wears its ring on the line and the chart, not in every sentence.
  const state = placeState({ ...scene, focus: null }, number);
  const written = write(number);
  // How wide a cover is tells nothing of how many digits lie under it.
  const says = writtenIn(state);
  const shown = !isCovered(state) ? written : says === undefined ? UNKNOWN : write(says);
  const [width, height] = [chipWidth(shown) * size, Math.max(1.5 * size, labelSize(written, size).height)];
  const waits = asks?.number === number;
  const name = placeName(number, state, "solid");
  const said = name.startsWith(showNumber(number))
    ? writtenText(written) + name.slice(showNumber(number).length)
    : name;
  return (
    <button
      type="button"
      data-number={number}
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onTouch?.(number)}
      aria-label={waits ? `${said}, to be written` : said}
      className="shrink-0 rounded-[10px]"
    >
      <svg width={width} height={height} aria-hidden className="block overflow-visible">
        <LabelFace
          id={`chip${id}`}
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
          <AskedPlace
            layout={{ cellWidth: width, cellHeight: height, numeral: size, shape: 3, covers: "solid" }}
            corner={{ x: 0, y: 0 }}
            typed={asks?.typed ?? ""}
          />
        )}
      </svg>
    </button>
  );
}
