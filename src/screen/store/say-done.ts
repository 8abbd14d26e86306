import { say } from "@/kit/messages";
import type { BoardStore } from "./board-store";

/** Shows a message about what was just done, with a way back as long as nothing else has been done since. */
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
