import { say } from "@/kit/messages";
import type { BoardStore } from "./board-store";

/** Says what was just done to the board, with a way back for as long as nothing else was done since. */
export function sayDone(store: BoardStore, message: string, label = "Take back"): void {
  const { boards } = store.getState();
  say(message, {
    label,
    run: () => {
      if (store.getState().boards === boards) store.getState().takeBack();
      else say("You have done other things since. Take those back first.");
    },
  });
}
