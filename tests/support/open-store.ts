import { NEW_COUNT } from "@/core/count/count-settings";
import type { Step } from "@/core/lesson/board";
import { liveHere } from "@/core/lesson/board-state";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import type { Beat } from "@/core/scene/move";
import { startingChart } from "@/core/surface/starting-charts";
import { createBoardStore } from "@/screen/store/board-store";
import { boardStateOf, sceneNow } from "@/screen/store/on-show";

/** A beat that covers these numbers. */
export const cover = (...numbers: string[]): Beat => [{ do: "cover", numbers }];
/** A step of these beats. */
export const step = (id: string, ...beats: Beat[]): Step => ({
  id,
  title: id,
  question: "What comes next?",
  answer: "54",
  beats: beats as Step["beats"],
});

/** A store with a lesson of one board: a chart to 100, a count in sixes and these steps. */
export function openStore(...stair: Step[]) {
  const board = {
    ...newBoard("b", "Board", startingChart("1-100")),
    count: { ...NEW_COUNT, by: "6" },
    stair,
  };
  const store = createBoardStore(newLesson({ title: "Lamps", forClass: "" }, board), null);
  const scene = () => sceneNow(store.getState());
  const touch = (...numbers: string[]) => {
    store.getState().beginSweep(numbers[0]!, 1);
    for (const number of numbers.slice(1)) store.getState().sweepOver(number, 1);
    store.getState().endSweep(1);
  };
  return { store, scene, touch, live: () => liveHere(boardStateOf(store.getState())) };
}
