import type { Lesson } from "@/core/lesson/lesson";
import type { Save, SaveAnswer } from "./save-messages";

export type SaveState =
  | { kind: "saved" }
  | { kind: "saving" }
  /** The server did not answer; the save is tried again. `kept`: this browser has the work meanwhile. */
  | { kind: "waiting"; kept: boolean }
  /** Another window saved this lesson since this one read it. */
  | { kind: "stale" }
  | { kind: "refused"; message: string };

/** Where a browser stores work that is not known to be saved. `name` is the window's, which all its saves carry. */
export type Unsaved = { name: string; basedOn: number; lesson: Lesson };

type Parts = {
  /** The name of this window: a save that carries it is its own, however many answers got lost. */
  name: string;
  revision: number;
  unsaved?: Unsaved | null;
  send: (save: Save) => Promise<SaveAnswer>;
  /** Stores work in this browser, or deletes it; false if the browser refuses. */
  keep: (unsaved: Unsaved | null) => boolean;
  tell: (state: SaveState) => void;
  after: (milliseconds: number, run: () => void) => () => void;
};

const SETTLE_MS = 500;
const FIRST_RETRY_MS = 1_000;
const LAST_RETRY_MS = 10_000;

/**
 * Saves a lesson as it changes. One save is under way at a time and the newest work goes next; work not known to be
 * saved stays stored. After a stale save nothing more is sent, and the work stays stored.
 */
export function createSaver({ name, revision, unsaved, send, keep, tell, after }: Parts) {
  let basedOn = unsaved?.basedOn ?? revision;
  let latest: Lesson | null = unsaved?.lesson ?? null;
  let sending = false;
  let stopped = false;
  let kept = unsaved !== null && unsaved !== undefined;
  let retry = FIRST_RETRY_MS;
  let cancel = () => {};

  const soon = (milliseconds: number) => {
    cancel();
    cancel = after(milliseconds, () => void flush());
  };
  const keepLatest = () => {
    if (latest) kept = keep({ name, basedOn, lesson: latest });
  };

  async function flush(): Promise<void> {
    if (sending || stopped || latest === null) return;
    cancel();
    const lesson = latest;
    keepLatest();
    sending = true;
    tell({ kind: "saving" });
    let answer: SaveAnswer;
    try {
      answer = await send({ basedOn, saveName: name, lesson });
    } catch {
      sending = false;
      tell({ kind: "waiting", kept });
      soon(retry);
      retry = Math.min(retry * 2, LAST_RETRY_MS);
      return;
    }
    sending = false;
    retry = FIRST_RETRY_MS;
    take(answer, lesson);
  }

  function take(answer: SaveAnswer, lesson: Lesson) {
    switch (answer.kind) {
      case "saved":
        basedOn = answer.revision;
        if (latest !== lesson) {
          keepLatest();
          soon(0);
          return;
        }
        latest = null;
        keep(null);
        tell({ kind: "saved" });
        return;
      case "stale":
        // The save before this one was this window's own, and only its answer got lost: go on from there.
        if (answer.saveName === name) {
          basedOn = answer.revision;
          soon(0);
          return;
        }
        stopped = true;
        tell({ kind: "stale" });
        return;
      case "refused":
        tell(answer);
        return;
      default:
        return answer satisfies never;
    }
  }

  if (latest) soon(0);

  return {
    /** The lesson has changed. A stale window too stores its changes. */
    change(lesson: Lesson) {
      latest = lesson;
      keepLatest();
      if (stopped) return;
      tell({ kind: "saving" });
      soon(SETTLE_MS);
    },
    /** Sends what is not saved yet without waiting: the page is being left, or the network is back. */
    flush,
    /** Whether any work is not known to be saved, and whether the browser has stored it. */
    standing: () => ({ unsaved: latest !== null, kept }),
    /** Sends no more. */
    stop() {
      stopped = true;
      cancel();
    },
  };
}

export type Saver = ReturnType<typeof createSaver>;
