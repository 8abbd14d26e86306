"use client";

import { useDrag } from "@use-gesture/react";
import { ArrowLeftToLine } from "lucide-react";
import { useState } from "react";
import { type Framed, secondFrom, throughTen } from "@/core/count/ten-frame";
import { isCoveredPart } from "@/core/scene/covered-part";
import { framedOf } from "@/core/scene/framed";
import type { Move } from "@/core/scene/move";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { Popover } from "@/kit/popover";
import { WriteSign } from "@/kit/signs";
import { type FramePart, FramesDrawing } from "@/view/frames/frames-drawing";
import { sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { NumberPad } from "../number-pad";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

const PARTS = ["first", "second", "whole"] as const;

/** Frames of ten, filled by touch or from the focus, in a place of their own. */
export function FramesStage({ view, strong }: StageProps<"frames">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const [open, setOpen] = useState(false);
  const { id } = view;
  const now = (): Framed =>
    framedOf(sceneInHand(store.getState()), view) ?? { first: 0, second: 0, moved: 0 };
  const frame = (framed: Framed): Move => ({ do: "frame", view: id, ...framed });
  const put = (part: Partial<Framed>) => store.getState().act([[frame({ ...now(), moved: 0, ...part })]]);
  const byHand = view.counts === "hand";
  const touchCell = (cell: number) => {
    const { first, second } = now();
    const { tool } = store.getState();
    const from = secondFrom({ first, second }, view.frames);
    const isSecond = cell >= from && (from !== first || second > 0 || cell > first);
    if (tool === "cover") {
      const part = cell < first ? "first" : isSecond && cell < from + second ? "second" : null;
      if (part) touchPart(part);
      return;
    }
    // A touch fills up to its cell; on the last counter it removes that one.
    if (!isSecond) return put({ first: cell + 1 === first ? cell : cell + 1 });
    const count = cell - from + 1;
    put({ second: count === second ? count - 1 : count });
  };
  const touchPart = (part: FramePart) => {
    const fromStart = part === "writing" && view.writing === "covered";
    turnPart(store, id, part, isCoveredPart(sceneInHand(store.getState()), id, part, fromStart));
  };
  const fill = () => {
    const { first, second, moved } = now();
    const split = throughTen(first, second);
    if (!split || secondFrom({ first, second }, view.frames) === first)
      return say("There is no frame to fill from the other one.");
    if (moved >= split.fill) return store.getState().act([[frame({ first, second, moved: 0 })]]);
    const beats = Array.from({ length: split.fill - moved }, (_, i) => [
      frame({ first, second, moved: moved + i + 1 }),
    ]);
    store.getState().act(beats);
  };
  const carry = useCarry((taken, to) => {
    const framed = now();
    const { first, second, moved } = framed;
    const split = throughTen(first, second);
    const isOfSecond = taken >= secondFrom(framed, view.frames);
    if (split && isOfSecond && moved < split.fill && to >= first && to < first + split.fill)
      store.getState().act([[frame({ ...framed, moved: moved + 1 })]]);
  });
  const write = (says: string) => {
    const scene = sceneInHand(store.getState());
    const { first, second } = now();
    const values = { first, second, whole: first + second };
    const asked = PARTS.find((part) => isCoveredPart(scene, id, part));
    const moves: Move[] = [{ do: "write-for", view: id, says }];
    if (asked && says === String(values[asked])) {
      moves.push(
        { do: "cover-part", view: id, part: asked, on: false },
        { do: "write-for", view: id, says: null },
      );
    }
    store.getState().act([moves]);
  };
  const framed = framedOf(drawn.scene, view);
  const split = framed && throughTen(framed.first, framed.second);
  const asks = PARTS.some((part) => isCoveredPart(drawn.scene, id, part));
  return (
    <section
      aria-label="Ten frames"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} {...carry()} className="min-h-0 w-full min-w-0 flex-1 touch-none">
        <FramesDrawing
          view={view}
          {...drawn}
          {...(byHand ? { onCell: touchCell } : {})}
          onPart={touchPart}
          onPair={(first, second) => put({ first, second })}
        />
      </div>
      {byHand && (
        <ViewButtons>
          <Button className="h-touch px-5" disabled={!split} onClick={fill}>
            <ArrowLeftToLine aria-hidden size="1.375rem" />
            {split && framed.moved >= split.fill ? "Back to two frames" : "Fill the ten"}
          </Button>
          <Popover
            label="Which number?"
            side="top"
            align="center"
            open={open}
            onOpenChange={setOpen}
            button={
              <Button className="h-touch px-5" disabled={!asks}>
                <WriteSign aria-hidden size="1.375rem" /> Write it
              </Button>
            }
          >
            <NumberPad
              onDone={(says) => {
                setOpen(false);
                write(says);
              }}
            />
          </Popover>
        </ViewButtons>
      )}
    </section>
  );
}

/** A counter can be dragged from its cell to another one. */
function useCarry(onDrop: (taken: number, to: number) => void) {
  return useDrag(
    ({ first, last, event, xy: [x, y], tap, memo }) => {
      const cellOf = (target: Element | null) => {
        const cell = target?.closest("[data-cell]")?.getAttribute("data-cell");
        return cell ? Number(cell) : null;
      };
      if (first) return cellOf(event.target as Element);
      if (!last || tap || memo === null || memo === undefined) return memo;
      const to = cellOf(document.elementFromPoint(x, y));
      if (to !== null && to !== memo) onDrop(memo, to);
      return memo;
    },
    { filterTaps: true, pointer: { keys: false } },
  );
}
