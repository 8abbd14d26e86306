import { beginCount, type Next, nextOfCount } from "@/core/count/count";
import type { Count } from "@/core/count/count-settings";
import { boardHolds, chartOf } from "@/core/lesson/views-of";
import type { Beat, Move } from "@/core/scene/move";
import { numberOf } from "@/core/surface/cell-key";
import { waitsBetween } from "@/core/surface/pauses";
import { boardInHand, sceneInHand } from "./on-show";
import type { Part } from "./part";

/** The count, running by itself or number by number. Core computes the next number. */
export type CountPart = {
  /** The count is running by itself. */
  counting: boolean;
  startCount: () => void;
  pauseCount: () => void;
  /** Goes to the next number of a running count; false if there is none. */
  walkOn: () => boolean;
  oneOn: () => void;
  /** Continues with another count, running or by one number: in class both are taken back together. */
  countOn: (count: Count, walks: boolean) => void;
  oneBack: () => void;
};

export const countPart: Part<CountPart> = ({ getState: get, setState: set }) => {
  const board = () => boardInHand(get());
  const scene = () => sceneInHand(get());
  /** The beat that comes to a number of the count: marked, where marks follow it. */
  const counted = (on: Next): Beat =>
    board().count.marks ? [...on.moves, { do: "mark", ink: get().ink, numbers: [on.number] }] : on.moves;
  const next = () => nextOfCount(scene().trail, board().count, boardHolds(board()));
  const first = () => next() ?? beginCount(board().count, boardHolds(board()));
  return {
    counting: false,
    startCount: () => {
      const begun = first();
      if (!begun) return;
      // One run of the count is taken back at once.
      get().ends("walk");
      get().grow("walk", counted(begun));
      set({ counting: true });
    },
    pauseCount: () => set({ counting: false }),
    walkOn: () => {
      const on = next();
      const { count } = board();
      const { focus } = scene();
      const waits =
        on && focus !== null && waitsBetween(numberOf(focus), on.number, count.pauses, chartOf(board()));
      if (on && !waits) get().grow("walk", counted(on));
      else get().pauseCount();
      return on !== null;
    },
    oneOn: () => {
      const on = next();
      if (on) get().add(counted(on));
    },
    countOn: (count, walks) => {
      const setting = { of: "count", is: count } as const;
      get().ends("walk");
      if (get().preparing) get().setTo(setting);
      else get().grow("walk", [{ do: "set", setting }]);
      const begun = first();
      if (begun) get().grow("walk", counted(begun));
      set({ counting: walks && begun !== null });
    },
    oneBack: () => {
      const { trail } = scene();
      if (!trail) return;
      const back: Move = trail.jumps.length > 0 ? { do: "retrace" } : { do: "clear-trail" };
      const unmark: Move[] = board().count.marks
        ? [{ do: "unmark", ink: get().ink, numbers: [trail.end] }]
        : [];
      get().add([...unmark, back]);
    },
  };
};
