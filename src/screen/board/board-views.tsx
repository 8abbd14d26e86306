"use client";

import { clsx } from "clsx";
import {
  type ComponentType,
  type CSSProperties,
  type KeyboardEvent,
  type PointerEvent,
  type ReactNode,
  useRef,
  useState,
} from "react";
import { placedOf } from "@/core/lesson/views-of";
import { type Layout, LEAST_SHARE } from "@/core/views/layout";
import type { View } from "@/core/views/view";
import { STAGES } from "./stages";
import { pickBoard, pickScene, useBoard, useBoardStore } from "./use-board";

/** The views of the board that stand on it now: placed, and not hidden. */
export function usePlaced(): View[] {
  const board = useBoard(pickBoard);
  const hidden = useBoard((state) => pickScene(state).hidden);
  return placedOf(board).filter(({ id }) => !hidden.includes(id));
}

/** One view of the board, filling its place. */
export function ViewStage<V extends View>({ view, strong }: { view: V; strong: boolean }) {
  const Stage = STAGES[view.kind] as ComponentType<{ view: V; strong: boolean }>;
  return <Stage key={view.id} view={view} strong={strong} />;
}

/**
 * The views of the board in its layout: one, two beside or above each other, a large one and two or three small ones, or
 * four in a square.
 */
export function BoardViews({ placed, strong }: { placed: readonly View[]; strong: boolean }) {
  const layout = useBoard((state) => pickBoard(state).layout);
  const [main, ...others] = placed;
  if (!main) {
    return (
      <p className="m-auto text-xl text-quiet">
        Every view is hidden. Show one from the views of this board.
      </p>
    );
  }
  const stage = (view: View) => (
    <div key={view.id} className="min-h-0 min-w-0 [&>section]:size-full">
      <ViewStage view={view} strong={strong} />
    </div>
  );
  if (others.length === 0) return stage(main);
  if (layout.run === "square" && placed.length > 2) {
    return <div className="grid min-h-0 min-w-0 auto-rows-fr grid-cols-2 gap-4">{placed.map(stage)}</div>;
  }
  return (
    <Shared layout={layout}>
      {stage(main)}
      {others.length === 1 ? (
        stage(others[0]!)
      ) : (
        <div
          className={clsx(
            "grid min-h-0 min-w-0 gap-4",
            layout.run === "above" && others.length > 2 ? "auto-cols-fr grid-flow-col" : "auto-rows-fr",
          )}
        >
          {others.map(stage)}
        </div>
      )}
    </Shared>
  );
}

type SharedProps = { layout: Layout; children: [ReactNode, ReactNode] };

/** Two parts that share their room as the layout says, and a divider between them. */
export function Shared({ layout, children }: SharedProps) {
  const store = useBoardStore();
  const frame = useRef<HTMLDivElement>(null);
  const [drawn, setDrawn] = useState<number | null>(null);
  const share = drawn ?? layout.share;
  const beside = layout.run !== "above";
  const keep = (next: number) => store.getState().setTo({ of: "layout", is: { ...layout, share: next } });
  const style = { "--first": `${share}fr`, "--second": `${1 - share}fr` } as CSSProperties;
  return (
    <div
      ref={frame}
      style={style}
      className={clsx(
        "grid size-full min-h-0 min-w-0",
        beside
          ? "grid-cols-[minmax(0,var(--first))_16px_minmax(0,var(--second))] grid-rows-[minmax(0,1fr)] portrait:grid-cols-1 portrait:grid-rows-[minmax(0,var(--first))_16px_minmax(0,var(--second))]"
          : "grid-rows-[minmax(0,var(--first))_16px_minmax(0,var(--second))]",
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

type DividerProps = {
  beside: boolean;
  share: number;
  frame: { current: HTMLDivElement | null };
  onDraw: (share: number) => void;
  onKeep: (share: number) => void;
};

const STEP = 0.04;
const within = (share: number) =>
  Math.round(Math.max(LEAST_SHARE, Math.min(1 - LEAST_SHARE, share)) * 1000) / 1000;

/** Drawn by a finger, or moved by the arrow keys, it gives one part more room and the other less. */
function Divider({ beside, share, frame, onDraw, onKeep }: DividerProps) {
  const dragging = useRef(false);
  const shareAt = (event: PointerEvent) => {
    const box = frame.current!.getBoundingClientRect();
    // On an upright screen what stands beside lies below.
    const across = beside && window.matchMedia("(orientation: landscape)").matches;
    return within(across ? (event.clientX - box.left) / box.width : (event.clientY - box.top) / box.height);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = { ArrowLeft: -STEP, ArrowUp: -STEP, ArrowRight: STEP, ArrowDown: STEP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    onKeep(within(share + by));
  };
  return (
    // biome-ignore lint/a11y/useSemanticElements: a rule that is no line of text but a handle.
    <div
      role="separator"
      aria-label="Divider"
      aria-orientation={beside ? "vertical" : "horizontal"}
      aria-valuenow={Math.round(share * 100)}
      aria-valuemin={LEAST_SHARE * 100}
      aria-valuemax={100 - LEAST_SHARE * 100}
      tabIndex={0}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        dragging.current = true;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => dragging.current && onDraw(shareAt(event))}
      onPointerUp={(event) => {
        if (!dragging.current) return;
        dragging.current = false;
        onKeep(shareAt(event));
      }}
      onPointerCancel={() => {
        dragging.current = false;
      }}
      className={clsx(
        "group flex touch-none items-center justify-center rounded-full",
        beside ? "cursor-col-resize portrait:cursor-row-resize" : "cursor-row-resize",
      )}
    >
      <span
        className={clsx(
          "rounded-full bg-rule group-hover:bg-quiet",
          beside ? "h-12 w-1.5 portrait:h-1.5 portrait:w-12" : "h-1.5 w-12",
        )}
      />
    </div>
  );
}
