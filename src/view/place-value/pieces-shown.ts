import type { Exchange } from "@/core/count/exchange";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { piecesOf, wantingTo } from "@/core/number/pieces";
import type { Pieces, Place } from "@/core/number/place-value";
import { gatheredIn } from "@/core/scene/arranged";
import type { ViewOf } from "@/core/views/view";
import type { Wanted } from "./blocks-layout";

/** The pieces that a place value view shows: those of the number, those still needed, and those being exchanged. */
export type PiecesShown = {
  readonly pieces: readonly Wanted[];
  /** The smallest place with ten pieces together, or null. */
  readonly gathered: Place | null;
  /** The pieces still needed to the next whole ten, hundred or thousand, if the view shows them. */
  readonly wanting: { by: NumberKey; next: NumberKey } | null;
};

/**
 * The pieces of a number as drawn. There is always a column for the tens: a count that begins in ones goes on there. If
 * ten lie together, the piece that they become is outlined.
 */
export function piecesShown(
  view: Pick<ViewOf<"place-value">, "towards">,
  number: NumberKey,
  pieces: readonly Pieces[],
): PiecesShown {
  const gathered = gatheredIn(pieces)[0] ?? null;
  const counts = new Map(pieces.map(({ place, count }) => [place, { place, count, wanting: 0 }]));
  const want = (place: Place, wanting: number) =>
    counts.set(place, { ...(counts.get(place) ?? { place, count: 0 }), wanting });
  const unit = view.towards === "none" || gathered !== null ? null : exact(view.towards);
  const far = unit && wantingTo(exact(number), unit);
  for (const { place, count } of far ? (piecesOf(far.by) ?? []) : []) if (count > 0) want(place, count);
  if (gathered !== null) want(gathered + 1, 1);
  if (counts.size === 1) counts.set(1, { place: 1, count: 0, wanting: 0 });
  return {
    pieces: [...counts.values()].sort((a, b) => b.place - a.place),
    gathered,
    wanting: far && { by: keyOf(far.by), next: keyOf(far.next) },
  };
}

/** The pieces that were made from ten others at the last jump. */
export const justMade = (exchanges: readonly Exchange[]): Place[] =>
  exchanges.filter(({ way }) => way === "made").map(({ of }) => of + 1);
