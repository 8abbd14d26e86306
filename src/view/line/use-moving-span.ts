"use client";

import { useCallback, useEffect, useLayoutEffect, useMemo, useRef, useState } from "react";
import { type Exact, exact } from "@/core/number/exact";
import type { AnyLine, Span } from "@/core/surface/line";
import { restSpan } from "@/core/surface/rest-span";
import { isStill, glide as startGlide } from "../glide";

/** Beyond this many lengths a span does not glide but jumps: there is nothing to see on the way. */
const FAR = 4;

/**
 * The visible part of a line while it moves: wherever the fingers drag it, then gliding to where it comes to rest. At
 * rest it is where the scene has it.
 * @param onRest the span has come to rest elsewhere than the scene has it
 */
export function useMovingSpan(line: AnyLine, target: Span, onRest: (span: Span) => void) {
  const [moving, setMoving] = useState<Span | null>(null);
  const frame = useRef(0);
  const seen = useRef(target);
  /** Its destination: the next move continues from there, however slow the frames are. */
  const goal = useRef(target);
  const latest = useRef({ line, target, onRest });
  useLayoutEffect(() => {
    latest.current = { line, target, onRest };
  });
  const stop = useCallback(() => cancelAnimationFrame(frame.current), []);

  /** Moves the span under the fingers; at most once a frame. */
  const put = useCallback(
    (span: Span) => {
      stop();
      seen.current = span;
      goal.current = span;
      frame.current = requestAnimationFrame(() => setMoving(span));
    },
    [stop],
  );
  const glide = useCallback(
    (from: Span, to: Span) => {
      stop();
      goal.current = to;
      const length = to.to.sub(to.from);
      const far = from.from.sub(to.from).abs().compare(length.mul(FAR)) > 0;
      const arrive = () => {
        seen.current = to;
        setMoving(null);
      };
      if (isStill() || far || same(from, to)) return arrive();
      const on = (part: number) => {
        seen.current = between(from, to, part);
        setMoving(seen.current);
      };
      // Before anything is painted: the line must not flash at its destination and then glide there.
      setMoving(from);
      startGlide(frame, on, arrive);
    },
    [stop],
  );
  /** The fingers have left: the span glides to the nearest resting position. */
  const settle = useCallback(() => {
    const { line: of, target: before, onRest: tell } = latest.current;
    const rest = restSpan(of, goal.current, before);
    if (same(rest, before)) glide(seen.current, before);
    else tell(rest);
  }, [glide]);

  const [from, to] = [target.from.toFraction(), target.to.toFraction()];
  useLayoutEffect(() => {
    // The scene has the span elsewhere: by a button, by a count that went on, or because it has just come to rest there.
    const next = { from: exact(from), to: exact(to) };
    if (!same(seen.current, next)) glide(seen.current, next);
    else {
      goal.current = next;
      setMoving(null);
    }
  }, [from, to, glide]);
  useEffect(() => stop, [stop]);

  return useMemo(() => ({ span: moving ?? target, seen, goal, put, settle }), [moving, target, put, settle]);
}

const same = (a: Span, b: Span) => a.from.equals(b.from) && a.to.equals(b.to);

function between(a: Span, b: Span, part: number): Span {
  const share = exact(Math.round(part * 1000));
  const on = (x: Exact, y: Exact) => x.add(y.sub(x).mul(share).div(1000));
  return { from: on(a.from, b.from), to: on(a.to, b.to) };
}
