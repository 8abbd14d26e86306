"use client";

import { type KeyboardEvent, memo, useLayoutEffect, useMemo, useRef, useState } from "react";
import { type LineView, lookOf } from "@/core/lesson/views-of";
import { exact, keyOf, keyOfText, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { lineMarks } from "@/core/scene/line-marks";
import { isCoveredAt } from "@/core/scene/scene";
import { isClosed, nearestTurn, type Span, slides } from "@/core/surface/line";
import { scaleOf } from "@/core/surface/line-scale";
import { nearestTick, slideSpan, spanHolding } from "@/core/surface/line-slide";
import { type Size, useSize } from "@/kit/use-size";
import { CellRing } from "../chart/cell-ring";
import { useKeyPress } from "../chart/use-key-press";
import { ordinary } from "../drawing";
import type { Over } from "../pen/anchors";
import { round } from "../round";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { arcPath, arcUnder } from "./arc-shape";
import { AskedNumber } from "./asked-tick";
import { Jumps } from "./jumps";
import { JumpsRead } from "./jumps-read";
import { lineAnchors } from "./line-anchors";
import { LineFigure } from "./line-figure";
import type { Point } from "./line-geometry";
import { layOutLine } from "./line-layout";
import { NumberCells } from "./number-cells";
import { boxAt as boxOf } from "./number-near";
import { JumpSize, Peek } from "./under-finger";
import { hasSlid, shiftFrom, useCarried } from "./use-carried";
import { type LineHand, useLineTouch } from "./use-line-touch";
import { useMovingSpan } from "./use-moving-span";

type Props = {
  settings: LineView;
  source: SceneSource;
  strong: boolean;
  /** Its scale, compared with an ordinary screen. */
  grow?: number;
  /** The size of its room, if known before it is measured. */
  firstSize?: Size | undefined;
  hand?: LineHand;
  /** The visible part of the line has come to rest elsewhere. */
  onLook: (span: Span) => void;
  asks?: { number: NumberKey; typed: string } | null;
  ghosts?: boolean;
  /** Numbers that are always labelled. */
  pins?: readonly NumberKey[];
  /** An overlay that is anchored to the line's numbers. */
  over?: Over;
};

const BEFORE_MEASURED: Size = { width: 1180, height: 420 };

/** A number line or number track that slides, zooms, and takes touches on its numbers. */
export const Line = memo(function Line({
  settings,
  source,
  strong,
  grow = 1,
  firstSize,
  hand,
  onLook,
  asks,
  ghosts,
  pins,
  over,
}: Props) {
  const room = useRef<HTMLDivElement>(null);
  const whole = useSize(room, firstSize ?? BEFORE_MEASURED);
  const size = useMemo(() => ordinary(whole, grow), [whole, grow]);
  const scene = useScene(source, (now) => now);
  const target = useMemo(() => lookOf(settings, scene), [settings, scene]);
  const moving = useMovingSpan(settings, target, onLook);
  const { span } = moving;
  const atRest = useMemo(() => {
    const marks = lineMarks(settings, target, scene, pins);
    return { marks, layout: layOutLine(settings, target, marks, size, strong) };
  }, [settings, target, scene, pins, size, strong]);
  const lay = useMemo(() => {
    const laid = (to: Span) => {
      const marks = lineMarks(settings, to, scene, pins);
      return { marks, layout: layOutLine(settings, to, marks, size, strong, atRest.layout) };
    };
    return { laid, layout: (to: Span) => laid(to).layout };
  }, [settings, scene, pins, size, strong, atRest]);
  const { marks, layout } = useMemo(
    () => (span === target ? atRest : lay.laid(span)),
    [span, target, lay, atRest],
  );
  const carried = useCarried(atRest.layout, layout, lay.layout);
  const anchors = useMemo(() => lineAnchors(carried.layout, grow), [carried.layout, grow]);
  const jumpUnder = (at: Point) => arcUnder(layout, marks, at, ghosts ?? false);
  const touch = useLineTouch(room, settings, layout, grow, moving, hand, jumpUnder);
  const keys = useKeyPress(hand);
  const peeked = touch.peeked ?? keys.peeked;

  const [keyboard, setKeyboard] = useState<NumberKey | null>(null);
  const grid = useRef<HTMLDivElement>(null);
  /** The keyboard position: on a number, with or without a label. */
  const standing = keyboard ?? marks.focus ?? keyOf(nearestTick(atRest.layout.scale, target.from));
  const boxAt = (key: NumberKey) => boxOf(layout, key);
  const goTo = (key: NumberKey) => {
    setKeyboard(key);
    const next = spanHolding(settings, target, exact(key));
    if (next !== target && slides(settings)) onLook(next);
    hasMoved.current = true;
  };
  const hasMoved = useRef(false);
  // In the same render, so that no key falls between the old position and the new one.
  useLayoutEffect(() => {
    if (!hasMoved.current) return;
    hasMoved.current = false;
    grid.current?.querySelector<SVGElement>("[data-keyboard]")?.focus();
  });
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const by = STEPS[event.key];
    if (event.shiftKey && by !== undefined && slides(settings)) {
      // With Shift the line slides by a whole interval.
      onLook(slideSpan(target, scaleOf(settings, target).interval.mul(by)));
      event.preventDefault();
      event.stopPropagation();
      return;
    }
    if (event.shiftKey) return;
    // Steps are those of the resting position, also while the line is still moving there.
    const scale = scaleOf(settings, target);
    // The position with the keyboard focus, however it got there.
    const on = (event.target as Element).getAttribute("data-number") ?? standing;
    const here = exact(on);
    if (by !== undefined) {
      const beside = nearestTick(scale, here.add(scale.step.mul(by)));
      // Round a ring the first number follows the last.
      const middle = target.from.add(target.to).div(2);
      const to = isClosed(settings) ? nearestTurn(target, beside, middle) : beside;
      const inside = to.compare(exact(settings.from)) >= 0 && to.compare(exact(settings.to)) <= 0;
      if (inside || slides(settings)) goTo(keyOf(to));
    } else if (event.key === "Home") goTo(keyOf(nearestTick(scale, target.from)));
    else if (event.key === "End") goTo(keyOf(nearestTick(scale, target.to)));
    else if (event.key === "Enter" || event.key === " ") {
      if (hand?.jumps) hand.onStart(on);
      else keys.down(on, event.repeat);
    } else if (event.key === "Escape") (event.target as HTMLElement).blur();
    else return;
    event.preventDefault();
    event.stopPropagation();
  };

  const [from, to] = [keyOfText(settings.from), keyOfText(settings.to)];
  const what = settings.kind === "strip" ? "Number strip" : "Number line";
  const isTold = settings.labels !== "none" && ![from, to].some((end) => isCoveredAt(scene, end));
  const asked = asks && !asks.number.startsWith("r") ? asks : null;
  // While the line slides, its cells slide along as they were, in one piece.
  const isPassing = hasSlid(atRest.layout, layout);
  const cellsShift = isPassing ? shiftFrom(atRest.layout, layout) : null;
  const preview = touch.jump && {
    from: layout.placing.partOf(exact(touch.jump.from)),
    to: layout.placing.partOf(exact(touch.jump.to)),
  };
  return (
    <div ref={room} className="relative size-full" style={{ touchAction: "none" }}>
      {/* biome-ignore lint/a11y/useSemanticElements: a line is drawn in SVG; its numbers are a row of places. */}
      <div
        ref={grid}
        role="grid"
        aria-label={isTold ? `${what} from ${showNumber(from)} to ${showNumber(to)}` : what}
        className="relative size-full select-none"
        onKeyDown={onKeyDown}
        onFocus={(event) => {
          const named = (event.target as Element).getAttribute("data-number");
          // Keyboard movement continues from the keyboard position, even after a touch.
          const byKeys = keyboard !== null || event.target.matches(":focus-visible");
          if (named !== null && byKeys) setKeyboard(named);
        }}
        onBlur={(event) => {
          if (!event.currentTarget.contains(event.relatedTarget)) setKeyboard(null);
          keys.leave();
        }}
        onKeyUp={keys.onKeyUp}
        onMouseDown={(event) => event.preventDefault()}
        onContextMenu={(event) => event.preventDefault()}
        {...touch.pointers}
      >
        {/* The jumps are in a layer of their own, so that a sliding line, however many there are, only moves it. */}
        <div className="pointer-events-none absolute inset-0 overflow-hidden">
          <svg
            width={whole.width}
            height={whole.height}
            viewBox={`0 0 ${size.width} ${size.height}`}
            aria-hidden
            className="absolute inset-0 overflow-visible"
            style={
              marks.trail || marks.aside
                ? { transform: moves(carried.shift, grow), willChange: "transform" }
                : undefined
            }
          >
            <Jumps layout={carried.layout} marks={marks} ghosts={ghosts ?? false} />
          </svg>
        </div>
        <svg
          width={whole.width}
          height={whole.height}
          viewBox={`0 0 ${size.width} ${size.height}`}
          role="presentation"
          className="pointer-events-none absolute inset-0 overflow-hidden"
        >
          <g aria-hidden>
            <LineFigure line={settings} layout={layout} marks={marks} jumpsApart />
          </g>
          {preview && touch.jump && (
            <g fill="none">
              <path
                d={arcPath(
                  layout.geometry,
                  preview.from,
                  preview.to,
                  Math.min(layout.geometry.headroom, 120),
                )}
                stroke="var(--color-focus)"
                strokeWidth={layout.heavy}
                strokeDasharray="2 9"
                strokeLinecap="round"
              />
              <JumpSize layout={layout} from={preview.from} to={preview.to} jump={touch.jump} />
            </g>
          )}
          {asked && <AskedNumber kind={settings.kind} layout={layout} {...asked} />}
          {peeked !== null && <Peek layout={layout} box={boxAt(peeked)} number={peeked} />}
          {/* biome-ignore lint/a11y/useSemanticElements: as above. */}
          <g
            role="row"
            {...(cellsShift ? { transform: `translate(${round(cellsShift.x)} ${round(cellsShift.y)})` } : {})}
          >
            <NumberCells
              line={settings}
              layout={isPassing ? atRest.layout : layout}
              scene={scene}
              standing={standing}
              asked={asked?.number ?? null}
            />
          </g>
          {keyboard !== null && (
            <CellRing
              layout={{
                ...layout.face,
                cellWidth: boxAt(keyboard).width + 8,
                cellHeight: boxAt(keyboard).height + 8,
              }}
              corner={{
                x: boxAt(keyboard).x - boxAt(keyboard).width / 2 - 4,
                y: boxAt(keyboard).y - boxAt(keyboard).height / 2 - 4,
              }}
              of="keyboard"
            />
          )}
        </svg>
      </div>
      {/* As at rest: what is read out does not change with every frame of a slide. */}
      <JumpsRead
        marks={atRest.marks}
        scene={scene}
        write={atRest.layout.write}
        asked={asked?.number ?? null}
        told={settings.labels === "none" ? atRest.layout.labels : null}
      />
      {over && (
        <div
          className="absolute inset-0 pointer-events-none"
          style={
            carried.layout === layout
              ? undefined
              : { transform: moves(carried.shift, grow), willChange: "transform" }
          }
        >
          {over(anchors, whole.width, whole.height)}
        </div>
      )}
    </div>
  );
});

const moves = ({ x, y }: Point, grow: number) => `translate(${x * grow}px, ${y * grow}px)`;

const STEPS: Record<string, number> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
