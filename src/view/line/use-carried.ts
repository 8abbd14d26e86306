import { useMemo } from "react";
import { exact } from "@/core/number/exact";
import { partOf, type Span } from "@/core/surface/line";
import { slideSpan } from "@/core/surface/line-slide";
import type { Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";

/** What is moved as one piece: where it was laid out, and how far it is from there. */
export type Carried = { layout: LineLayout; shift: Point };

/** Carried parts are laid anew each time the line has slid by this part of its window, in tenths. */
const ANEW = 16;

/**
 * While a line slides, its jumps and what is drawn over it are carried along as one piece, so that a frame costs the
 * same however many there are. They are laid anew now and then, since they are drawn to one window beyond its ends.
 * @param rest the line as it is at rest
 * @param layout the line as it is now
 * @param lay lays the line out at another span, in the frame of the line at rest
 */
export function useCarried(rest: LineLayout, layout: LineLayout, lay: (span: Span) => LineLayout): Carried {
  const slides = layout !== rest && lengthOf(layout.span).equals(lengthOf(rest.span));
  const steps = slides ? Math.round((partOf(rest.span, layout.span.from) * 10) / ANEW) : 0;
  const base = useMemo(() => {
    if (steps === 0) return rest;
    return lay(
      slideSpan(
        rest.span,
        lengthOf(rest.span)
          .mul(exact(steps * ANEW))
          .div(10),
      ),
    );
  }, [rest, steps, lay]);
  return useMemo(() => {
    if (!slides) return { layout, shift: { x: 0, y: 0 } };
    const where = ({ geometry, placing }: LineLayout) => geometry.point(placing.partOf(base.span.from), 0);
    const [now, then] = [where(layout), where(base)];
    return { layout: base, shift: { x: now.x - then.x, y: now.y - then.y } };
  }, [slides, layout, base]);
}

const lengthOf = ({ from, to }: Span) => to.sub(from);
