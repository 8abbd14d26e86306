import { useMemo } from "react";
import { exact } from "@/core/number/exact";
import { partOf, type Span } from "@/core/surface/line";
import { slideSpan } from "@/core/surface/line-slide";
import type { Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";

/** A group moved as one: where it was laid out, and its offset from there. */
export type Carried = { layout: LineLayout; shift: Point };

/** Carried groups are laid out again whenever the line has slid by this many tenths of its window. */
const ANEW = 16;

/**
 * While a line slides, its jumps and strokes are carried along as one group, so that a frame costs the same however
 * many there are. They are laid out again now and then, since they reach only one window beyond its ends.
 * @param rest the line at rest
 * @param layout the line as it is now
 * @param lay lays out the line at another span, in the frame of the line at rest
 */
export function useCarried(rest: LineLayout, layout: LineLayout, lay: (span: Span) => LineLayout): Carried {
  const slides = hasSlid(rest, layout);
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
  return useMemo(
    () => (slides ? { layout: base, shift: shiftFrom(base, layout) } : { layout, shift: { x: 0, y: 0 } }),
    [slides, layout, base],
  );
}

/** Whether a line lies as at rest, only further along. */
export const hasSlid = (rest: LineLayout, layout: LineLayout): boolean =>
  layout !== rest && lengthOf(layout.span).equals(lengthOf(rest.span));

/** How far what was laid out at one place of a line lies from there now, in pixels. */
export function shiftFrom(base: LineLayout, layout: LineLayout): Point {
  const where = ({ geometry, placing }: LineLayout) => geometry.point(placing.partOf(base.span.from), 0);
  const [now, then] = [where(layout), where(base)];
  return { x: now.x - then.x, y: now.y - then.y };
}

const lengthOf = ({ from, to }: Span) => to.sub(from);
