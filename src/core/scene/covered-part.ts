import { PLACE_KEYS } from "../number/place-value";
import { SHOWN_PARTS } from "../views/kinds/place-value";
import type { ViewOf } from "../views/view";
import type { ViewId } from "../views/view-id";
import type { Scene } from "./scene";
import type { PartName } from "./slices/parts";

type Parted = Pick<Scene, "parts">;

/** Whether a part of a view is covered: by hand, or from the start where it was not uncovered by hand. */
export const isCoveredPart = (scene: Parted, view: ViewId, part: PartName, fromStart = false): boolean =>
  scene.parts[view]?.[part] ?? fromStart;

const DIGITS: ReadonlySet<string> = new Set(PLACE_KEYS);

/**
 * Whether a part of a place value view is covered. A digit is covered with the digits, where it was not turned over for
 * itself.
 */
export function isPartCovered(scene: Parted, view: ViewOf<"place-value">, part: PartName): boolean {
  const digit = DIGITS.has(part) ? isPartCovered(scene, view, "digits") : false;
  const whole = SHOWN_PARTS.find((name) => name === part);
  return isCoveredPart(scene, view.id, part, whole ? view[whole] === "covered" : digit);
}
