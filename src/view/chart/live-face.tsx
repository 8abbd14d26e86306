"use client";

import { memo, useLayoutEffect, useRef, useState } from "react";
import { faceState, isCovered, type PlaceState } from "@/core/lesson/place-state";
import { numberOf, type Target } from "@/core/surface/place-key";
import type { SceneSource } from "../scene/scene-source";
import { elementsOf, type Shape, Shapes } from "../shape";
import type { FaceLayout } from "./chart-layout";
import { coverShape, faceShapes } from "./face-shapes";

type Props = { layout: FaceLayout; x: number; target: Target; source: SceneSource };
type Drawn = Pick<Props, "layout" | "x" | "target"> & { state: PlaceState };

/**
 * The face of a place under the fingers. It listens for its own number and draws itself into the document: between a
 * touch and its colour a slow computer has no time for a pass through all that React keeps.
 */
export const LiveFace = memo(function LiveFace({ layout, x, target, source }: Props) {
  const at = useRef<SVGGElement>(null);
  const [first] = useState((): Drawn => ({ layout, x, target, state: faceState(source.read(), target) }));
  // React draws it once, also on the server, and is never asked to draw it again: what stands in it then is not its own.
  const [face] = useState(() => <Shapes shapes={shapesOf(first, false)} />);
  const drawn = useRef(first);
  useLayoutEffect(() => {
    const draw = () => {
      const { current: was } = drawn;
      const state = faceState(source.read(), target);
      const moved = was.layout !== layout || was.x !== x || was.target !== target;
      if (!moved && was.state === state) return;
      const lifted = !moved && isCovered(was.state) && !isCovered(state);
      drawn.current = { layout, x, target, state };
      at.current!.replaceChildren(...elementsOf(shapesOf(drawn.current, lifted)));
    };
    draw();
    return source.subscribe(draw);
  }, [layout, x, target, source]);
  return <g ref={at}>{face}</g>;
});

function shapesOf({ layout, x, target, state }: Drawn, lifted: boolean): Shape[] {
  const at = { layout, x, y: 0 };
  const shapes = faceShapes(at, numberOf(target), state);
  // The cover is seen as it goes.
  const going = lifted && layout.covers === "solid";
  return going ? [...shapes, coverShape(at, "cover cover-lifted pointer-events-none")] : shapes;
}
