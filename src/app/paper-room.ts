import { join } from "node:path";
import { Worker } from "node:worker_threads";
import PQueue from "p-queue";
import type { Job, JobName, Made } from "@/paper/jobs";

/** Longest that one job may take; after it the thread is ended, and the next job gets a new one. */
const TOO_LONG_MS = 120_000;
/** Jobs that may wait; a server that has more of them to do says so. */
const MOST_WAITING = 40;

type Answer = { readonly ok: true; readonly made: Made } | { readonly ok: false; readonly message: string };

type Room = { readonly jobs: PQueue; worker: Worker | null };

// Kept over a reload of this module while it is worked on.
const kept = globalThis as { yellowStairPaper?: Room };
const room = () => (kept.yellowStairPaper ??= { jobs: new PQueue({ concurrency: 1 }), worker: null });

function workerOf(there: Room): Worker {
  if (there.worker) return there.worker;
  // It is built beside the application: written out, the bundler would take it for a part of its own.
  const worker: Worker = Reflect.construct(Worker, [join(process.cwd(), "dist/paper/room.mjs")]);
  worker.unref();
  // One that ends, ends alone: the next job opens another.
  worker.on("exit", () => {
    if (there.worker === worker) there.worker = null;
  });
  there.worker = worker;
  return worker;
}

/** Does one job, alone in the room. */
function doneBy(worker: Worker, job: JobName, of: unknown): Promise<Made> {
  return new Promise<Made>((resolve, reject) => {
    const end = (act: () => void) => {
      clearTimeout(timer);
      worker.off("message", onMessage).off("error", onError).off("exit", onExit);
      act();
    };
    const onMessage = (answer: Answer) =>
      end(() => (answer.ok ? resolve(answer.made) : reject(new Error(answer.message))));
    // A thread that fails closes after it has said why: until then no other could be opened.
    let why = new Error("The paper room has closed.");
    const onError = (reason: Error) => {
      why = reason;
    };
    const onExit = () => end(() => reject(why));
    const timer = setTimeout(() => void worker.terminate(), TOO_LONG_MS);
    worker.on("message", onMessage).on("error", onError).on("exit", onExit);
    worker.postMessage({ job, of });
  });
}

/**
 * Has a job done in the paper room, where one is done after the other. One that nobody waits for any more when its turn comes
 * is left out: a page that is set up asks for many previews, and looks at the last. Throws where a job cannot be done, takes
 * too long, or too many wait.
 */
export async function inPaperRoom<N extends JobName>(job: N, of: Job<N>, signal: AbortSignal): Promise<Made> {
  const there = room();
  if (there.jobs.size >= MOST_WAITING) throw new Error("The paper room is full.");
  const made = await there.jobs.add(() => {
    signal.throwIfAborted();
    return doneBy(workerOf(there), job, of);
  });
  return made as Made;
}
