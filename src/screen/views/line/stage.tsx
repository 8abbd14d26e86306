"use client";

import { clsx } from "clsx";
import {
  ChevronLeft,
  ChevronRight,
  CircleHelp,
  Minus,
  MoveHorizontal,
  Plus,
  SquareArrowUp,
} from "lucide-react";
import { useMemo } from "react";
import { chartOf, type LineView, lookOf, pinsOf } from "@/core/lesson/views-of";
import { exact } from "@/core/number/exact";
import { numberOf } from "@/core/surface/cell-key";
import { type Span, wholeSpan } from "@/core/surface/line";
import { scaleOf } from "@/core/surface/line-scale";
import { slideSpan } from "@/core/surface/line-slide";
import { restSpan } from "@/core/surface/rest-span";
import { zoomSpan } from "@/core/surface/zoom-span";
import { keepKeyboard } from "@/kit/rail-button";
import { useScreenHeight } from "@/kit/use-screen-height";
import { grown } from "@/view/drawing";
import { Line } from "@/view/line/line";
import { lineEdges, moves, reads } from "@/view/line/line-edges";
import type { LineHand } from "@/view/line/use-line-touch";
import { lineActionsOf } from "../../jumps/line-actions";
import { Small } from "../../jumps/small-button";
import { sceneOn } from "../../store/on-show";
import { pickBoard, pickScene, useBoard, useBoardStore } from "../../store/use-board";
import { mayPeek, touchOn } from "../../tools/touch-on";
import { useUnderHand } from "../use-under-hand";

/** A line or number track of the board, interactive. */
export function LineStage({ view: line, strong }: { view: LineView; strong: boolean }) {
  // While a count runs over a chart, its number there is painted first.
  const follows = useBoard((state) => state.counting && chartOf(pickBoard(state)) !== undefined);
  const { frame, held, given } = useUnderHand(line, strong, lineEdges, follows ? "after paint" : "at once");
  const tool = useBoard((state) => state.tool);
  const board = useBoard(pickBoard);
  const pins = useMemo(() => pinsOf(board), [board]);
  const store = useBoardStore();
  const hand = useMemo<LineHand>(() => {
    const board = () => store.getState();
    const lines = lineActionsOf(store);
    const held =
      <A extends unknown[], R>(run: (...on: A) => R) =>
      (...on: A) => {
        board().hold(line.id);
        return run(...on);
      };
    return {
      jumps: tool === "jump",
      begin: (number, finger, reach) => touchOn(store, line, number, finger, reach),
      over: () => {},
      end: (finger) => board().endSweep(finger),
      canPeek: (number) => mayPeek(store, line, number),
      onJump: held((from, to) => lines.jumpBetween(from, to)),
      onStart: held((number) => lines.startAt(number)),
      onPoint: held((number) => lines.pointTo(number)),
      onJumpTouch: held((jumps, part) => lines.touchJump(jumps, part)),
    };
  }, [store, line, tool]);
  const screen = useScreenHeight();
  const onLook = useMemo(() => (span: Span) => lineActionsOf(store).lookAt(line.id, span), [store, line.id]);
  return (
    <section
      {...frame}
      className={`[container-type:size] flex size-full min-h-0 min-w-0 flex-col overflow-hidden rounded-card bg-board ${held}`}
    >
      <div className="min-h-0 flex-1 px-2 pt-2">
        <Line
          {...given}
          grow={grown({ screen }, 1)}
          hand={hand}
          onLook={onLook}
          ghosts={tool === "lift"}
          pins={pins}
        />
      </div>
      {/* `lineEdges` says where and how high they are. */}
      {(moves(line) || reads(line)) && (
        <div
          className={clsx(
            "flex shrink-0 flex-wrap items-center justify-center gap-x-6 pb-1.5 [@container(max-height:11rem)]:hidden [@container(max-width:19rem)]:hidden",
            moves(line) && reads(line) && "[@container(max-height:14rem)_and_(max-width:32.3125rem)]:hidden",
          )}
        >
          {moves(line) && <LineMoves line={line} />}
          {reads(line) && <ReadScale line={line} />}
        </div>
      )}
    </section>
  );
}

/** The buttons that slide and zoom the line, at its lower edge. */
function LineMoves({ line }: { line: LineView }) {
  const scene = useBoard(pickScene);
  const store = useBoardStore();
  const span = lookOf(line, scene);
  const { interval } = scaleOf(line, span);
  const whole = wholeSpan(line);
  const there = span.from.equals(whole.from) && span.to.equals(whole.to);
  const slide = (by: 1 | -1) => lineActionsOf(store).lookAt(line.id, slideSpan(span, interval.mul(by)));
  const zoom = (factor: string) => {
    const { focus } = scene;
    const at = focus === null ? null : exact(numberOf(focus));
    const seen = at && at.compare(span.from) >= 0 && at.compare(span.to) <= 0;
    const about = seen ? at : span.from.add(span.to).div(2);
    lineActionsOf(store).lookAt(line.id, restSpan(line, zoomSpan(line, span, exact(factor), about), span));
  };
  return (
    <div className="flex items-center gap-1 [@container(max-width:22rem)]:gap-0.5">
      <Small name="Slide back one interval" onClick={() => slide(-1)}>
        <ChevronLeft aria-hidden size="1.5rem" />
      </Small>
      <Small name="Slide on one interval" onClick={() => slide(1)}>
        <ChevronRight aria-hidden size="1.5rem" />
      </Small>
      <span className="w-4 [@container(max-width:22rem)]:hidden" />
      <Small name="Further away" onClick={() => zoom("2")}>
        <Minus aria-hidden size="1.25rem" />
      </Small>
      <Small name="Nearer" onClick={() => zoom("1/2")}>
        <Plus aria-hidden size="1.25rem" />
      </Small>
      <span className="w-4 [@container(max-width:22rem)]:hidden" />
      <Small
        name="The whole line"
        disabled={there}
        onClick={() => lineActionsOf(store).lookAt(line.id, whole)}
      >
        <MoveHorizontal aria-hidden size="1.25rem" />
      </Small>
    </div>
  );
}

/** Rings a tick and asks for its number, then shows it; then another one. */
function ReadScale({ line }: { line: LineView }) {
  const asked = useBoard((state) => sceneOn(state, line).asked?.as === "place");
  const store = useBoardStore();
  const run = (what: (lines: ReturnType<typeof lineActionsOf>) => void) => () => {
    store.getState().hold(line.id);
    what(lineActionsOf(store));
  };
  return (
    <div className="flex items-center gap-1">
      {asked && (
        <Words onClick={run((lines) => lines.showAsked())}>
          <SquareArrowUp aria-hidden size="1.1875rem" /> Show its number
        </Words>
      )}
      <Words onClick={run((lines) => lines.readScale(line.id))}>
        <CircleHelp aria-hidden size="1.1875rem" /> {asked ? "Another tick" : "Read the scale"}
      </Words>
    </div>
  );
}

function Words({ onClick, children }: { onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      onMouseDown={keepKeyboard}
      onClick={onClick}
      className="flex h-press items-center gap-2 rounded-button px-3 font-semibold text-quiet hover:bg-wall hover:text-ink"
    >
      {children}
    </button>
  );
}
