import { PenLine } from "lucide-react";
import { viewOf } from "@/core/lesson/views-of";
import { ahead, later } from "@/kit/later";
import { KEYBOARD } from "@/view/chart/use-sweep";
import { boardNow } from "../store/on-show";
import { tool } from "./tool";

const PenStrip = later(() => import("../pen/pen-strip").then((part) => part.PenStrip));
const onNumber = ahead(() => import("../pen/pen-on-number"));

/** Draws over views. The layer that is drawn on takes fingers; by keyboard it is used on a number. */
export const pen = tool({
  label: "Pen",
  key: "p",
  icon: PenLine,
  takes: (store, { number, finger }) => {
    const view = viewOf(boardNow(store.getState()), store.getState().within ?? "");
    if (finger === KEYBOARD && view) onNumber.with(({ penOnNumber }) => penOnNumber(store, view, number));
  },
  panel: { at: "below", name: "Pen", Panel: PenStrip },
});
