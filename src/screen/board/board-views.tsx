"use client";

import { clsx } from "clsx";
import { type CSSProperties, type ReactNode, useRef, useState } from "react";
import { arrowsOf, keptOf, layoutOf, placedOf, standingOf } from "@/core/lesson/views-of";
import type { Layout } from "@/core/views/layout";
import type { View } from "@/core/views/view";
import { READABLE, rowsAbove, rowsOf } from "@/view/board/rows-of";
import { pickBoard, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { ViewStage } from "../views/stages";
import { Divider } from "./later";

/**
 * The views that stand on the board now. Those with nothing to say yet are included while it is prepared, and while
 * jumps are made by hand or by arrows: what a hand is working on must not move when the first jump lands.
 */
export function usePlaced(): View[] {
  const ids = useBoard((state) => {
    const [board, scene] = [pickBoard(state), pickScene(state)];
    const keeps = state.preparing || state.tool === "jump" || arrowsOf(board) !== undefined;
    return (keeps ? keptOf : standingOf)(board, scene)
      .map(({ id }) => id)
      .join(" ");
  });
  const board = useBoard(pickBoard);
  return placedOf(board).filter(({ id }) => ids.split(" ").includes(id));
}

type PlacedProps = {
  placed: readonly View[];
  /** The board that they are on. */
  board: string;
  strong: boolean;
};

/**
 * The views of the board in its layout: one, two beside or above each other, a large one and two or three small ones, or
 * four in a square.
 */
export function BoardViews({ placed, board, strong }: PlacedProps) {
  const layout = layoutOf(useBoard(pickBoard));
  const [main, ...others] = placed;
  if (!main) {
    return (
      <p className="m-auto text-large text-quiet">
        Every view is hidden. Show one from the views of this board.
      </p>
    );
  }
  const stage = (view: View) => (
    <div
      key={view.id}
      data-place={view === main ? "main" : "side"}
      className={`min-h-0 min-w-0 [&>section]:size-full ${others.length > 0 ? OF_MANY : ""}`}
    >
      <ViewStage view={view} board={board} strong={strong} />
    </div>
  );
  if (others.length === 0) return stage(main);
  if (layout.run === "square" && placed.length > 2) {
    return (
      <div className={`grid min-h-0 min-w-0 auto-rows-fr grid-cols-2 gap-4 ${BELOW}`}>
        {placed.map(stage)}
      </div>
    );
  }
  return (
    <Shared layout={layout} placed={placed}>
      {stage(main)}
      {others.length === 1 ? (
        stage(others[0]!)
      ) : (
        <div
          className={clsx(
            "grid min-h-0 min-w-0 gap-4 cramped:contents",
            layout.run === "above" && others.length > 2 ? "auto-cols-fr grid-flow-col" : "auto-rows-fr",
          )}
        >
          {others.map(stage)}
        </div>
      )}
    </Shared>
  );
}

/** In a cramped window the views lie below each other, each as high as it needs to be readable, and are scrolled to. */
const BELOW = "cramped:flex cramped:flex-col cramped:gap-2 cramped:overflow-y-auto";
export const OF_MANY = "cramped:h-[clamp(12.5rem,44dvh,27.5rem)] cramped:shrink-0";

type SharedProps = {
  layout: Layout;
  placed: readonly View[];
  /** On an upright screen the second part is as high as its contents. */
  fits?: boolean;
  children: [ReactNode, ReactNode];
};

/** Two parts that share their room as the layout says, and a divider between them. */
export function Shared({ layout, placed, fits = false, children }: SharedProps) {
  const store = useBoardStore();
  const frame = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState<number | null>(null);
  const share = drawn ?? layout.share;
  const beside = layout.run !== "above";
  const keep = (next: number) => store.getState().setTo({ of: "layout", is: { ...layout, share: next } });
  const style = {
    // Parts of less than 1 would not fill the room beside a part at its least width.
    "--first": `${100 * share}fr`,
    "--second": `${100 * (1 - share)}fr`,
    "--readable": `calc(${100 * READABLE.row * rowsAbove(placed.map(rowsOf))}dvh + ${READABLE.gaps}rem)`,
    "--most": `calc(${READABLE.share} * (100% - 1rem))`,
  } as CSSProperties;
  return (
    <div
      ref={frame}
      style={style}
      className={clsx(
        "grid size-full min-h-0 min-w-0",
        BELOW,
        beside
          ? // As `layOutBoard` has it: no view is narrower than can be read.
            "grid-cols-[minmax(min(15rem,44%),var(--first))_1rem_minmax(min(15rem,44%),var(--second))] grid-rows-[minmax(0,1fr)] portrait:grid-cols-1"
          : "grid-rows-[minmax(0,var(--first))_1rem_minmax(0,var(--second))]",
        beside &&
          (fits
            ? "portrait:grid-rows-[minmax(0,1fr)_1rem_auto]"
            : "portrait:grid-rows-[minmax(min(var(--readable),var(--most)),var(--first))_1rem_minmax(0,var(--second))]"),
      )}
    >
      {children[0]}
      <Divider
        beside={beside}
        share={share}
        frame={frame}
        onDraw={setDrawn}
        onKeep={(next) => {
          setDrawn(null);
          if (next !== layout.share) keep(next);
        }}
      />
      {children[1]}
    </div>
  );
}
