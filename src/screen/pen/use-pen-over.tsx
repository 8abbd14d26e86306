"use client";

import { type ReactNode, useCallback, useMemo, useRef } from "react";
import { useStore } from "zustand";
import type { ViewId } from "@/core/views/view-id";
import { useSize } from "@/kit/use-size";
import { type Over, viewAnchors } from "@/view/pen/anchors";
import type { PenHand } from "@/view/pen/pen-layer";
import { PointLayer } from "../class/point-layer-later";
import { pointing } from "../class/pointing";
import { pickScene, useBoard, useBoardNow, useBoardStore, useSceneSource } from "../store/use-board";
import { PenLayer } from "./pen-layer-later";

/** What is drawn over a view of the board, and the pen where it is in hand. */
export function usePenOver(view: ViewId): Over {
  const inHand = useBoard((state) => state.tool === "pen");
  const tool = useBoard((state) => state.pen);
  const ink = useBoard((state) => state.ink);
  const noteAt = useBoardNow(({ hand: { noteAt } }) => (noteAt?.view === view ? noteAt.number : null));
  const drawn = useBoard((state) => {
    const { strokes, notes } = pickScene(state);
    return strokes.some((one) => one.view === view) || notes.some((one) => one.view === view);
  });
  const store = useBoardStore();
  const source = useSceneSource("at once");
  const pen = useMemo<PenHand | null>(() => {
    if (!inHand) return null;
    const board = store.getState();
    return {
      tool,
      ink,
      onStroke: (stroke) => board.drawn({ do: "pen", stroke }),
      onRub: (ids) => board.drawn({ do: "rub", ids }),
      onNote: (note) => board.drawn({ do: "note", note }),
      noteAt,
      onNoteEnd: () => store.setState((state) => ({ hand: { ...state.hand, noteAt: null } })),
    };
  }, [inHand, tool, ink, noteAt, store]);
  // If nothing is drawn and no pen is in hand, the layer is not even loaded.
  const needed = drawn || pen !== null;
  const points = useStore(pointing, ({ on }) => on);
  return useCallback(
    (anchors, width, height) => (
      <>
        {needed && (
          <PenLayer view={view} source={source} anchors={anchors} width={width} height={height} pen={pen} />
        )}
        {points && <PointLayer view={view} anchors={anchors} width={width} height={height} />}
      </>
    ),
    [view, source, pen, needed, points],
  );
}

/** A view without places of its own for numbers, with what is drawn over it. */
export function PenOver({ view, children }: { view: ViewId; children: ReactNode }) {
  const frame = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(frame, { width: 0, height: 0 });
  const anchors = useMemo(() => viewAnchors(width, height), [width, height]);
  const over = usePenOver(view);
  return (
    <div
      ref={frame}
      className="relative size-full min-h-0 min-w-0 overflow-hidden rounded-card [&>section]:size-full"
    >
      {children}
      {over(anchors, width, height)}
    </div>
  );
}
