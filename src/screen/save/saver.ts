import type { Lesson } from "@/core/lesson/lesson";
import type { Save, SaveAnswer } from "./save-messages";

export type SaveState =
  | { kind: "saved" }
  | { kind: "saving" }
  /** The server did not answer; the work is kept in this browser and the save is tried again. */
  | { kind: "waiting" }
  /** Another window saved this lesson since this one read it. */
  | { kind: "stale" }
  | { kind: "refused"; message: string };

/** What a browser keeps of work that is not known to be saved. `sent` names the saves whose answers may be lost. */
export type Unsaved = { basedOn: number; sent: string[]; lesson: Lesson };

type Parts = {
  revision: number;
  unsaved?: Unsaved | null;
  send: (save: Save) => Promise<SaveAnswer>;
  newName: () => string;
  keep: (unsaved: Unsaved | null) => void;
  tell: (state: SaveState) => void;
  after: (milliseconds: number, run: () => void) => () => void;
};

const SETTLE_MS = 500;
const FIRST_RETRY_MS = 1_000;
const LAST_RETRY_MS = 10_000;

/**
 * Saves a lesson as it changes. One save is under way at a time, the newest work goes next, and what is not known
 * to be saved is kept until it is. A stale save is told and nothing more is sent.
 */
export function createSaver({ revision, unsaved, send, newName, keep, tell, after }: Parts) {
  let basedOn = unsaved?.basedOn ?? revision;
  let sent = unsaved?.sent ?? [];
  let latest: Lesson | null = unsaved?.lesson ?? null;
  let sending = false;
  let stopped = false;
  let retry = FIRST_RETRY_MS;
  let cancel = () => {};

  const soon = (milliseconds: number) => {
    cancel();
    cancel = after(milliseconds, () => void flush());
  };

  async function flush(): Promise<void> {
    if (sending || stopped || latest === null) return;
    cancel();
    const lesson = latest;
    const saveName = newName();
    sent = [...sent.slice(-9), saveName];
    keep({ basedOn, sent, lesson });
    sending = true;
    tell({ kind: "saving" });
    let answer: SaveAnswer;
    try {
      answer = await send({ basedOn, saveName, lesson });
    } catch {
      sending = false;
      tell({ kind: "waiting" });
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
        sent = [];
        if (latest !== lesson) {
          keep({ basedOn, sent, lesson: latest! });
          soon(0);
          return;
        }
        latest = null;
        keep(null);
        tell({ kind: "saved" });
        return;
      case "stale":
        // The save before this one was this window's own, and only its answer got lost: go on from there.
        if (answer.saveName !== null && sent.includes(answer.saveName)) {
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
    /** The lesson has changed. */
    change(lesson: Lesson) {
      latest = lesson;
      if (stopped) return;
      keep({ basedOn, sent, lesson });
      tell({ kind: "saving" });
      soon(SETTLE_MS);
    },
    /** Sends what is not saved yet without waiting: the page is being left, or the network is back. */
    flush,
    /** Sends no more. */
    stop() {
      stopped = true;
      cancel();
    },
  };
}

export type Saver = ReturnType<typeof createSaver>;
