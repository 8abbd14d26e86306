import { useLayoutEffect, useRef, useState } from "react";
import { type Exchange, exchangesAt } from "@/core/count/exchange";
import { exact, type NumberKey } from "@/core/number/exact";
import { exchangePieces, piecesOf } from "@/core/number/pieces";
import type { Pieces } from "@/core/number/place-value";
import { laidTogether } from "@/core/scene/arranged";
import type { Scene } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import type { ViewOf } from "@/core/views/view";
import { isStill } from "@/view/glide";
import type { InExchange } from "@/view/place-value/place-value-drawing";

/** How long ten pieces stay together, and how long they slide into one, in milliseconds. */
const TOGETHER = 750;
const SLIDING = 340;
/** The share of a beat that an exchange may take. */
const OF_BEAT = 0.7;
/** In less time than this, in milliseconds, nothing would be seen. */
const MIN = 400;

type Moment = { shows: InExchange; lasts: number };

/** The stages of the exchanges of the last jump, in order; none if the pieces do not show them. */
function momentsOf(scene: Scene, number: NumberKey, exchanges: readonly Exchange[]): Moment[] {
  const moments: Moment[] = [];
  if (exchanges.every(({ way }) => way === "made")) {
    let pieces: readonly Pieces[] | null = laidTogether(scene, number);
    for (const { of } of exchanges) {
      if (!pieces) return moments;
      moments.push({ shows: { pieces, sliding: null }, lasts: TOGETHER });
      moments.push({ shows: { pieces, sliding: of }, lasts: SLIDING });
      pieces = exchangePieces(pieces, of, "made");
    }
    return moments;
  }
  const jump = exact(scene.trail?.jumps.at(-1) ?? "0");
  let pieces: readonly Pieces[] | null = piecesOf(exact(number).sub(jump));
  // What is broken up comes from the largest place down.
  for (const { of } of exchanges.toReversed()) {
    pieces = pieces && exchangePieces(pieces, of, "broken");
    if (!pieces) return moments;
    moments.push({ shows: { pieces, sliding: null }, lasts: TOGETHER });
  }
  return moments;
}

/**
 * Shows the exchanges of a jump as they happen, for part of a beat of the count; where a beat is too short for it, or
 * whoever looks wishes for no motion, the number stands at once.
 * @param beat seconds from one number of the count to the next; null while no count walks
 */
export function useExchange(
  view: ViewOf<"place-value">,
  scene: Scene,
  beat: number | null,
): InExchange | null {
  const [moment, setMoment] = useState<InExchange | null>(null);
  const before = useRef(scene.trail);
  const { trail, focus } = scene;
  const hasFew = (before.current?.jumps.length ?? 0) === (trail?.jumps.length ?? 0) - 1;
  const isNew = before.current !== trail && hasFew;
  // biome-ignore lint/correctness/useExhaustiveDependencies: an exchange is shown when the trail goes on, and for nothing else.
  useLayoutEffect(() => {
    before.current = trail;
    setMoment(null);
    if (!isNew || focus === null || view.exchange !== "at-once" || isStill()) return;
    const number = numberOf(focus);
    const moments = momentsOf(scene, number, exchangesAt(trail, number));
    const whole = moments.reduce((sum, { lasts }) => sum + lasts, 0);
    const max = beat === null ? Number.POSITIVE_INFINITY : beat * 1000 * OF_BEAT;
    if (moments.length === 0 || max < MIN) return;
    const pace = Math.min(1, max / whole);
    let timer: ReturnType<typeof setTimeout> | undefined;
    // The first stage is shown before the number; each stage is shown before its time starts to run.
    const show = (nth: number) => {
      const now = moments[nth];
      setMoment(now?.shows ?? null);
      if (now) timer = setTimeout(() => show(nth + 1), now.lasts * pace);
    };
    show(0);
    return () => clearTimeout(timer);
  }, [trail, focus]);
  return moment;
}
