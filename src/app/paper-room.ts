import { join } from "node:path";
import { Worker } from "node:worker_threads";
import type { Job, JobName, Made } from "@/paper/jobs";

/** Longest that one job may take; after it the thread is ended, and the next job gets a new one. */
const TOO_LONG_MS = 180_000;
/** Jobs that may wait; a server that has more of them to do says so. */
const MOST_WAITING = 40;

type Answer = { readonly id: number } & (
  | { readonly ok: true; readonly made: Made }
  | { readonly ok: false; readonly message: string }
);
type Waiting = { readonly done: (made: Made) => void; readonly fail: (reason: Error) => void };
type Room = { readonly worker: Worker; readonly waiting: Map<number, Waiting> };

const kept = globalThis as { yellowStairPaper?: Room | undefined };
let jobs = 0;

function room(): Room {
  if (kept.yellowStairPaper) return kept.yellowStairPaper;
  // It is built beside the application: written out, the bundler would take it for a part of its own.
  const worker: Worker = Reflect.construct(Worker, [join(process.cwd(), "dist/paper/room.mjs")]);
  const waiting = new Map<number, Waiting>();
  const opened: Room = { worker, waiting };
  worker.unref();
  worker.on("message", (answer: Answer) => {
    const there = waiting.get(answer.id);
    waiting.delete(answer.id);
    if (answer.ok) there?.done(answer.made);
    else there?.fail(new Error(answer.message));
  });
  const over = (reason: Error) => {
    if (kept.yellowStairPaper === opened) kept.yellowStairPaper = undefined;
    for (const { fail } of waiting.values()) fail(reason);
    waiting.clear();
  };
  worker.on("error", over);
  worker.on("exit", () => over(new Error("The paper room has closed.")));
  kept.yellowStairPaper = opened;
  return opened;
}

/** Has a job done in the paper room. Throws where it cannot be done, or takes too long. */
export async function inPaperRoom<N extends JobName>(job: N, of: Job<N>): Promise<Made> {
  const { worker, waiting } = room();
  if (waiting.size >= MOST_WAITING) throw new Error("The paper room is full.");
  jobs += 1;
  const id = jobs;
  return new Promise<Made>((resolve, reject) => {
    const timer = setTimeout(() => void worker.terminate(), TOO_LONG_MS);
    waiting.set(id, {
      done: (made) => {
        clearTimeout(timer);
        resolve(made);
      },
      fail: (reason) => {
        clearTimeout(timer);
        reject(reason);
      },
    });
    worker.postMessage({ id, job, of });
  });
}
