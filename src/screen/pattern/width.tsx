"use client";

import { useRef } from "react";
import { WIDTHS, widthMoves } from "@/core/lesson/shading-of";
import type { Scene } from "@/core/scene/scene";
import type { ViewOf } from "@/core/views/view";
import { Slider } from "@/kit/slider";
import { boardInHand, sceneInHand } from "../store/on-show";
import { useBoardStore } from "../store/use-board";
import { PagePart } from "./page-part";

/** The same numbers in rows of another width: what stays of a pattern, and what changes. */
export function Width({ chart }: { chart: ViewOf<"chart"> }) {
  const store = useBoardStore();
  /** The scene when the slider was grabbed. */
  const before = useRef<Scene>(null);
  const widen = (columns: number) => {
    const state = store.getState();
    const now = boardInHand(state).views.find(({ id }) => id === chart.id);
    if (now?.kind !== "chart" || now.columns === columns) return;
    before.current ??= sceneInHand(state);
    state.grow("widen", widthMoves(now, sceneInHand(state), columns, before.current));
  };
  return (
    <PagePart name="In each row">
      <Slider
        label="In each row"
        value={chart.columns}
        min={WIDTHS.min}
        max={Math.max(WIDTHS.max, chart.columns)}
        onChange={widen}
        onDone={() => {
          before.current = null;
          store.getState().ends("widen");
        }}
      />
    </PagePart>
  );
}
