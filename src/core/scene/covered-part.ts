import { SHOWN_PARTS } from "../views/kinds/place-value";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";
import type { PartName } from "./slices/parts";

/**
 * Whether a part of a place value view is covered: by hand, or from the start where it was not uncovered by hand. A digit
 * is covered with the digits, where it was not turned over for itself.
 */
export function isPartCovered(
  scene: Pick<Scene, "parts">,
  view: ViewOf<"place-value">,
  part: PartName,
): boolean {
  const byHand = scene.parts[view.id]?.[part];
  if (byHand !== undefined) return byHand;
  const whole = SHOWN_PARTS.find((name) => name === part);
  return whole ? view[whole] === "covered" : isPartCovered(scene, view, "digits");
}
