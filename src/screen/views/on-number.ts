import type { NumberKey } from "@/core/number/exact";
import type { BoardStore } from "../store/board-store";

const FINGER = -2;

/** Applies the tool in hand to a number touched outside any chart or line. */
export function touchNumber(store: BoardStore, number: NumberKey): void {
  store.getState().beginSweep(number, FINGER);
  store.getState().endSweep(FINGER);
}
