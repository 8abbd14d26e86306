import { join } from "node:path";
import { Worker } from "node:worker_threads";
import PQueue from "p-queue";
import type { Job, JobName, Made } from "@/paper/jobs";

/** Time limit of one job, in milliseconds; a thread that exceeds it is ended, and the next job gets a new one. */
const TOO_LONG_MS = 120_000;
/** Maximum number of waiting jobs; beyond it the server says that it is busy. */
const MAX_WAITING = 40;

type Answer = { readonly ok: true; readonly made: Made } | { readonly ok: false; readonly message: string };

type Room = { readonly jobs: PQueue; worker: Worker | null };

// Survives hot reloading of this module during development.
const kept = globalThis as { yellowStairPaper?: Room };
const room = () => (kept.yellowStairPaper ??= { jobs: new PQueue({ concurrency: 1 }), worker: null });

function workerOf(there: Room): Worker {
  if (there.worker) return there.worker;
  // The room is built separately. Written as a literal `new Worker(…)`, the bundler would take it for part of the
  // application.
  const worker: Worker = Reflect.construct(Worker, [join(process.cwd(), "dist/paper/room.mjs")]);
  worker.unref();
  // When a thread ends, only it is lost: the next job opens another.
  worker.on("exit", () => {
    if (there.worker === worker) there.worker = null;
  });
  there.worker = worker;
  return worker;
}

/** Runs one job; no other runs in the room meanwhile. */
function doneBy(worker: Worker, job: JobName, of: unknown): Promise<Made> {
  return new Promise<Made>((resolve, reject) => {
    const end = (act: () => void) => {
      clearTimeout(timer);
      worker.off("message", onMessage).off("error", onError).off("exit", onExit);
      act();
    };
    const onMessage = (answer: Answer) =>
      end(() => (answer.ok ? resolve(answer.made) : reject(new Error(answer.message))));
    // A failing thread reports its error before it exits; wait for the exit, since no other thread can be opened until
    // then.
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
 * Runs a job in the paper room, where jobs run one after the other. A job that nobody waits for any more when its turn
 * comes is skipped: a page being set up asks for many previews and shows only the last. Throws if the job fails, takes
 * too long, or too many are waiting.
 */
export async function inPaperRoom<N extends JobName>(job: N, of: Job<N>, signal: AbortSignal): Promise<Made> {
  const there = room();
  if (there.jobs.size >= MAX_WAITING) throw new Error("The paper room is full.");
  const made = await there.jobs.add(() => {
    signal.throwIfAborted();
    return doneBy(workerOf(there), job, of);
  });
  return made as Made;
}
