import { beginCount, type Next, nextOfCount } from "@/core/count/count";
import type { Board } from "@/core/lesson/lesson";
import { boardHolds, chartOf } from "@/core/lesson/views-of";
import type { Act, Beat, Move } from "@/core/scene/move";
import type { Scene } from "@/core/scene/scene";
import type { Ink } from "@/core/set/ink";
import { waitsBetween } from "@/core/surface/pauses";
import { numberOf } from "@/core/surface/place-key";

export type CountActions = {
  startCount: () => void;
  pauseCount: () => void;
  /** The next number of a count that walks; false where there is none. */
  walkOn: () => boolean;
  oneOn: () => void;
  oneBack: () => void;
};

type Doors = {
  ink: () => Ink;
  board: () => Board;
  scene: () => Scene;
  /** Adds a beat to an act that is still the latest, or begins an act with it; gives the act as it then is. */
  addTo: (open: Act | undefined, beat: Beat) => Act;
  setCounting: (counting: boolean) => void;
};

/** The acts of the count, walking by itself and number by number. Which number comes next is worked out by core. */
export function countActions({ ink, board, scene, addTo, setCounting }: Doors): CountActions {
  // What one walk does is taken back at once.
  let walk: Act | undefined;
  /** The beat that comes to a number of the count: marked, where marks follow it. */
  const counted = (on: Next): Beat => {
    return board().count.marks ? [...on.moves, { do: "mark", ink: ink(), numbers: [on.number] }] : on.moves;
  };
  const next = () => {
    return nextOfCount(scene().trail, board().count, boardHolds(board()));
  };

  const actions: CountActions = {
    startCount: () => {
      const first = next() ?? beginCount(board().count, boardHolds(board()));
      if (!first) return;
      walk = addTo(undefined, counted(first));
      setCounting(true);
    },
    pauseCount: () => setCounting(false),
    walkOn: () => {
      const on = next();
      const { count } = board();
      const { focus } = scene();
      const waits =
        on && focus !== null && waitsBetween(numberOf(focus), on.number, count.pauses, chartOf(board()));
      if (on && !waits) walk = addTo(walk, counted(on));
      else actions.pauseCount();
      return on !== null;
    },
    oneOn: () => {
      const on = next();
      if (on) addTo(undefined, counted(on));
    },
    oneBack: () => {
      const { trail } = scene();
      if (!trail) return;
      const back: Move = trail.jumps.length > 0 ? { do: "retrace" } : { do: "clear-trail" };
      const unmark: Move[] = board().count.marks ? [{ do: "unmark", ink: ink(), numbers: [trail.end] }] : [];
      addTo(undefined, [...unmark, back]);
    },
  };
  return actions;
}
