"use client";

import { memo, useLayoutEffect, useRef, useState } from "react";
import { type CellState, faceState, isCovered } from "@/core/scene/cell-state";
import { numberOf, type Target } from "@/core/surface/cell-key";
import { afterFrame } from "@/kit/after-frame";
import type { Cells } from "../scene/cells";
import { redraw, type Shape, Shapes } from "../shape";
import type { FaceLayout } from "./chart-layout";
import { coverShape, faceShapes } from "./face-shapes";

type Props = { layout: FaceLayout; x: number; target: Target; cells: Cells };
type Face = Pick<Props, "layout" | "x" | "target"> & { state: CellState };

/**
 * The face of a live cell. It subscribes to its own number and draws itself into the DOM: between a touch and its
 * colour, a slow computer has no time for a pass through React's tree.
 */
export const LiveFace = memo(function LiveFace({ layout, x, target, cells }: Props) {
  const at = useRef<SVGGElement>(null);
  const [first] = useState((): Face => ({ layout, x, target, state: faceState(cells.read(), target) }));
  const [shapes] = useState(() => shapesOf(first, false));
  // React renders it once, also on the server, and never again: its contents are not React's any more.
  const [face] = useState(() => <Shapes shapes={shapes} />);
  const drawn = useRef({ face: first, shapes, finish: () => {} });
  useLayoutEffect(() => {
    const draw = () => {
      const { face: was, shapes: before, finish } = drawn.current;
      const state = faceState(cells.read(), target);
      const moved = was.layout !== layout || was.x !== x || was.target !== target;
      if (!moved && was.state === state) return;
      finish();
      const lifted = !moved && isCovered(was.state) && !isCovered(state);
      const now = { layout, x, target, state };
      const wanted = shapesOf(now, lifted);
      const rest = redraw(at.current!, before, wanted);
      const once = () => {
        if (drawn.current.finish !== once) return;
        drawn.current.finish = () => {};
        rest();
      };
      drawn.current = { face: now, shapes: wanted, finish: once };
      if (moved) once();
      else afterFrame(once);
    };
    draw();
    return cells.watch(target, draw);
  }, [layout, x, target, cells]);
  // Touches belong to the cell, which stays in the document while its face is redrawn.
  return (
    <g ref={at} pointerEvents="none">
      {face}
    </g>
  );
});

function shapesOf({ layout, x, target, state }: Face, lifted: boolean): Shape[] {
  const at = { layout, x, y: 0 };
  const shapes = faceShapes(at, numberOf(target), state);
  // The cover is still visible as it goes.
  const going = lifted && layout.covers === "solid";
  return going ? [...shapes, coverShape(at, "cover cover-lifted pointer-events-none")] : shapes;
}
