"use client";

import { useWindowVirtualizer } from "@tanstack/react-virtual";
import { useLayoutEffect } from "react";
import { ROW_GAP } from "./card-rows";

/** Rows rendered above and below the window. */
const READY = 2;

/** The first and the last row near the window. */
export type Rows = readonly [first: number, last: number];

type Props = {
  count: number;
  /** The height of a row, and the distance of the first one from the top of the page, in pixels. */
  row: number;
  top: number;
  onNear: (rows: Rows) => void;
};

/** Finds out which rows of cards are near the window, whenever that changes. It draws nothing itself. */
export function NearRows({ count, row, top, onNear }: Props) {
  const virtual = useWindowVirtualizer({
    count,
    estimateSize: () => row + ROW_GAP,
    overscan: READY,
    scrollMargin: top,
  });
  // biome-ignore lint/correctness/useExhaustiveDependencies: all rows are as high as the one that was measured.
  useLayoutEffect(() => virtual.measure(), [row]);
  const shown = virtual.getVirtualItems();
  const [first, last] = [shown[0]?.index ?? 0, shown.at(-1)?.index ?? 0];
  useLayoutEffect(() => onNear([first, last]), [first, last, onNear]);
  return null;
}
