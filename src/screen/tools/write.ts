import { Busy } from "@/kit/busy";
import { having, later } from "@/kit/later";
import { WriteSign } from "@/kit/signs";
import { KEYBOARD } from "@/view/chart/use-sweep";
import { filling } from "../fill/filling";
import { tool } from "./tool";

// A touch on a cell may still be waiting for the filling actions to load: no key of the panel may overtake it.
const FillPanel = later(
  having([filling], () => import("../fill/fill-panel").then((part) => part.FillPanel)),
  Busy,
);

/** Writes into covered squares: by keypad, by tiles, or where a number goes. */
export const write = tool({
  label: "Write",
  key: "w",
  icon: WriteSign,
  takes: (store, { number, finger, reach }) => {
    // The next keys are for this cell, not for a button pressed before.
    if (finger !== KEYBOARD && document.activeElement instanceof HTMLElement) document.activeElement.blur();
    filling.with(({ fillActionsOf }) => fillActionsOf(store).fillTouch(number, reach));
  },
  panel: { at: "side", name: "Write", Panel: FillPanel },
});
