"use client";

import { type RefObject, useCallback, useEffect, useLayoutEffect, useMemo, useRef } from "react";
import { clampWindow, type TimesSettings, type WindowAt } from "@/core/surface/times-grid";
import { isStill, glide as startGlide } from "../glide";
import { type Palette, readPalette } from "../paint-shapes";
import type { SceneSource } from "../scene/scene-source";
import { paintTimes } from "./paint-times";
import type { TimesLayout } from "./times-layout";

/** Beyond this distance a window does not glide but jumps: there is nothing to see on so long a way. */
const FAR = 40;

type Grid = { times: TimesSettings; layout: TimesLayout; source: SceneSource };

/**
 * Moves the window of a times grid. While it moves, a canvas lies over the cells and is painted anew each frame; the
 * cells themselves change once, when it has come to rest.
 * @param target where the lesson has the window
 * @param over what lies over the cells, laid out for `target`: it is carried along
 * @param onRest the window has come to rest elsewhere than the lesson has it
 */
export function useSliding(
  { times, layout, source }: Grid,
  target: WindowAt,
  canvas: RefObject<HTMLCanvasElement | null>,
  over: RefObject<HTMLElement | null>,
  onRest: (at: WindowAt) => void,
) {
  const position = useRef({ ...target });
  /** Its destination: the next move continues from there, however slow the frames are. */
  const goal = useRef({ ...target });
  const frame = useRef(0);
  const palette = useRef<Palette | null>(null);
  const latest = useRef({ times, layout, source, target, onRest });
  useLayoutEffect(() => {
    latest.current = { times, layout, source, target, onRest };
  });

  const stop = useCallback(() => cancelAnimationFrame(frame.current), []);
  /** Hides the canvas: the cells under it are in place. */
  const rest = useCallback(() => {
    stop();
    palette.current = null;
    canvas.current?.toggleAttribute("data-moving", false);
    over.current?.style.removeProperty("transform");
  }, [canvas, over, stop]);

  const paint = useCallback(() => {
    const { times: grid, layout: laid, source: from, target: laidFor } = latest.current;
    const sheet = canvas.current;
    const context = sheet?.getContext("2d");
    if (!sheet || !context) return;
    if (!palette.current) {
      palette.current = readPalette(sheet);
      const { strips } = laid;
      const dense = window.devicePixelRatio;
      sheet.width = Math.ceil((laid.width + strips.left + 2) * dense);
      sheet.height = Math.ceil((laid.height + strips.top + 2) * dense);
      context.scale(dense, dense);
      sheet.toggleAttribute("data-moving", true);
    }
    paintTimes(context, grid, laid, from.read(), position.current, palette.current);
    if (over.current?.firstChild) {
      const x = (laidFor.column - position.current.column) * laid.cellWidth;
      const y = (laidFor.row - position.current.row) * laid.cellHeight;
      over.current.style.transform = `translate(${x}px, ${y}px)`;
    }
  }, [canvas, over]);

  /** Moves the window to a fractional cell position, within the grid. */
  const put = useCallback(
    (row: number, column: number) => {
      position.current = clampWindow(latest.current.times, { row, column });
      goal.current = position.current;
      stop();
      frame.current = requestAnimationFrame(paint);
    },
    [paint, stop],
  );

  /** Lets the window glide to a whole cell, and rest there. */
  const glide = useCallback(
    (wished: WindowAt) => {
      stop();
      const to = clampWindow(latest.current.times, wished);
      const from = { ...position.current };
      goal.current = to;
      const arrive = () => {
        position.current = { ...to };
        const { row, column } = latest.current.target;
        if (to.row === row && to.column === column) rest();
        else latest.current.onRest(to);
      };
      const far = Math.abs(to.row - from.row) > FAR || Math.abs(to.column - from.column) > FAR;
      if (far || isStill() || (to.row === from.row && to.column === from.column)) return arrive();
      const on = (part: number) => {
        position.current = {
          row: from.row + (to.row - from.row) * part,
          column: from.column + (to.column - from.column) * part,
        };
        paint();
      };
      startGlide(frame, on, arrive);
    },
    [paint, rest, stop],
  );

  // The lesson has the window elsewhere: by a button, by taking back, or because it has just come to rest there.
  const { row, column } = target;
  useLayoutEffect(() => {
    if (position.current.row === row && position.current.column === column) {
      goal.current = position.current;
      rest();
    } else {
      paint();
      glide({ row, column });
    }
  }, [row, column, rest, paint, glide]);
  useEffect(() => stop, [stop]);
  // Marks made while the window moves are shown at once.
  useEffect(
    () =>
      source.subscribe(() => {
        if (palette.current) requestAnimationFrame(() => palette.current && paint());
      }),
    [source, paint],
  );

  return useMemo(() => ({ position, goal, put, glide, stop }), [put, glide, stop]);
}
