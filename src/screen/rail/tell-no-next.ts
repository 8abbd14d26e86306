import { isCount } from "@/core/count/count";
import { countEnters } from "@/core/count/count-start";
import { boardHolds, boardNumbers } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { isCoveredAt } from "@/core/scene/scene";
import { say } from "@/kit/messages";
import type { BoardStore } from "../store/board-store";
import { boardInHand, sceneInHand } from "../store/on-show";

/**
 * Says why the count has no next number, and offers a way to go on.
 * @param walks whether the count then runs by itself
 */
export function tellNoNext(store: BoardStore, write: (number: NumberKey) => string, walks: boolean): void {
  const board = boardInHand(store.getState());
  const scene = sceneInHand(store.getState());
  const holds = boardHolds(board);
  if (isCount(scene.trail, board.count)) {
    const back = board.count.way === "forwards";
    say("The count is at its end on this board.", {
      label: back ? "Count back" : "Count on",
      run: () => store.getState().countOn({ ...board.count, way: back ? "back" : "forwards" }, walks),
    });
    return;
  }
  const enters = countEnters(board.count, boardNumbers(board, scene));
  const none = "This board does not have the first number of the count.";
  if (enters !== null)
    say(none, {
      // Covered numbers are never named.
      label: isCoveredAt(scene, enters) ? "Start on the board" : `Start at ${write(enters)}`,
      run: () => store.getState().countOn({ ...board.count, from: enters }, walks),
    });
  else if (holds("1")) say(`${none} Choose another number under “From”.`);
  else say("This board has no numbers to count.");
}
