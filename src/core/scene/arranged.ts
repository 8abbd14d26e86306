import { exchangesAt } from "../count/exchange";
import { exact, type NumberKey } from "../number/exact";
import { piecesOf, together } from "../number/pieces";
import { type Pieces, type Place, worthTogether } from "../number/place-value";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";

type From = Pick<Scene, "built" | "trail">;

/**
 * The pieces of a number as they lie in a view: as laid by hand; while exchanges wait for a touch, the pieces of the
 * last jump beside those that were there; otherwise as many of each place as its digit says.
 * @returns null if the number has no pieces
 */
export function arrangedPieces(
  scene: From,
  view: Pick<ViewOf<"place-value">, "id" | "exchange">,
  number: NumberKey,
): readonly Pieces[] | null {
  const value = exact(number);
  const pieces = piecesOf(value);
  if (pieces === null) return null;
  const built = scene.built[view.id];
  if (built && worthTogether(built).equals(value)) return built.length > 0 ? built : pieces;
  return (view.exchange === "by-touch" ? laidTogether(scene, number) : null) ?? pieces;
}

/**
 * The pieces of the last jump beside those that were there before it, while ten of a kind are still to be exchanged;
 * null if none are.
 */
export function laidTogether({ trail }: Pick<Scene, "trail">, number: NumberKey): Pieces[] | null {
  const by = trail?.jumps.at(-1);
  if (by === undefined || exact(by).s < 0n || exchangesAt(trail, number).length === 0) return null;
  const jump = exact(by);
  const [before, more] = [piecesOf(exact(number).sub(jump)), piecesOf(jump)];
  return before && more ? together(before, more) : null;
}

/** The places of which ten or more lie together, from the smallest: ten of each can be exchanged. */
export const gatheredIn = (pieces: readonly Pieces[]): Place[] =>
  pieces
    .filter(({ count }) => count >= 10)
    .map(({ place }) => place)
    .reverse();
