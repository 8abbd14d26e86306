/** The present, the past, and what was taken back; used for every kind of change. */
export type History<T> = { readonly past: readonly T[]; readonly present: T; readonly future: readonly T[] };

/** How many changes can be taken back: more than there are touches in a lesson. */
export const MAX_TAKEN_BACK = 500;

export function historyOf<T>(present: T): History<T> {
  return { past: [], present, future: [] };
}

/** A change. One that changes nothing leaves no trace. */
export function record<T>(history: History<T>, next: T): History<T> {
  if (next === history.present) return history;
  return { past: [...history.past.slice(1 - MAX_TAKEN_BACK), history.present], present: next, future: [] };
}

/** Extends the latest change; both are taken back together. */
export function amend<T>(history: History<T>, next: T): History<T> {
  return next === history.present ? history : { ...history, present: next };
}

/** Takes back the latest change. */
export function takeBack<T>(history: History<T>): History<T> {
  const last = history.past.at(-1);
  if (last === undefined) return history;
  return { past: history.past.slice(0, -1), present: last, future: [history.present, ...history.future] };
}

/** Does the last change taken back again. */
export function doAgain<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.present], present: next, future: rest };
}
