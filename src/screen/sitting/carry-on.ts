import { say } from "@/kit/messages";
import { sendSitting } from "../save/save-door";
import type { BoardStore } from "../store/board-store";
import { isBegun, whereaboutsOf } from "../store/whereabouts";
import { WhereaboutsKept } from "../store/whereabouts-kept";
import { SittingsTold, type SittingTold } from "./sitting-messages";

const TOO_LONG_MS = 8_000;
const at = (id: string) => `/api/lessons/${encodeURIComponent(id)}/sitting`;
const fetched = async (path: string): Promise<unknown> => {
  const answer = await fetch(path, { signal: AbortSignal.timeout(TOO_LONG_MS) });
  if (!answer.ok) throw new Error(`The server answered ${answer.status}.`);
  return answer.json();
};

/** Where a lesson stopped with each class, the latest first; empty if the server does not answer. */
export const askSittings = (id: string): Promise<readonly SittingTold[]> =>
  fetched(at(id))
    .then((told) => SittingsTold.parse(told))
    .catch(() => []);

/** Store what was done with the current class before switching to another. */
function keepThis(id: string, store: BoardStore): void {
  const state = store.getState();
  if (isBegun(state)) sendSitting(id, state.taughtTo, whereaboutsOf(state));
}

/** Carries a lesson on where it stopped with a class. False if that could not be loaded; a message says so. */
export async function carryOn(id: string, store: BoardStore, forClass: string): Promise<boolean> {
  try {
    const where = WhereaboutsKept.parse(await fetched(`${at(id)}?class=${encodeURIComponent(forClass)}`));
    keepThis(id, store);
    store.getState().carryOn(where, forClass);
    return true;
  } catch {
    say(
      "Where this lesson stopped could not be fetched. Check that Yellow Stair is running, then try again.",
    );
    return false;
  }
}

/** Begins a lesson with a class. What was kept of it stays until something is done. */
export function beginWith(id: string, store: BoardStore, forClass: string): void {
  keepThis(id, store);
  store.getState().carryOn(null, forClass);
}
