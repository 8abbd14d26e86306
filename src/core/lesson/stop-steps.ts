import { stopAt, stopQuestion } from "../count/stops";
import { keyOfText } from "../number/exact";
import { showNumber } from "../number/show-number";
import type { Beat } from "../scene/move";
import type { StopPart } from "../scene/slices/parts";
import type { ViewOf } from "../views/view";
import type { BoardState } from "./board-state";
import { MAX } from "./bounds";

/**
 * Adds a step to the end of the stair for each stop that the count reaches: it goes to the stop and asks whether there
 * was an exchange. The answer is computed; what the stop says is uncovered by the following step.
 * @param newId makes ids for the steps, unique on the board
 */
export function stepsForStops(state: BoardState, view: ViewOf<"stops">, newId: () => string): BoardState {
  const { board } = state;
  const room = MAX.steps - board.stair.length;
  const found = view.stops.flatMap((text, i) => {
    const stop = stopAt(board.count, keyOfText(text));
    return stop ? [{ stop, part: `exchange-${i + 1}` as StopPart }] : [];
  });
  const show = (part: StopPart, on: boolean): Beat => [{ do: "cover-part", view: view.id, part, on }];
  const steps = found.slice(0, room).map(({ stop, part }, i) => {
    const before = found[i - 1];
    return {
      id: newId(),
      title: `Stop at ${showNumber(stop.number)}`,
      ...stopQuestion(board.count, stop),
      beats: [
        ...(before ? [show(before.part, false)] : []),
        [{ do: "focus" as const, number: stop.number }],
        show(part, true),
      ],
    };
  });
  return { ...state, board: { ...board, stair: [...board.stair, ...steps] } };
}
