import type { EventEmitter } from "node:events";
import { afterEach, beforeEach, expect, test, vi } from "vitest";

/** The threads opened so far. Each records the jobs that it is given and answers when told to. */
const threads: Thread[] = vi.hoisted(() => []);
type Thread = EventEmitter & { given: unknown[] };

vi.mock("node:worker_threads", async () => {
  const { EventEmitter } = await import("node:events");
  class Worker extends EventEmitter {
    given: unknown[] = [];
    constructor() {
      super();
      threads.push(this);
    }
    unref() {}
    postMessage({ of }: { of: unknown }) {
      this.given.push(of);
    }
    terminate() {
      this.emit("exit");
    }
  }
  return { Worker, default: { Worker } };
});

const { inPaperRoom } = await import("./paper-room");
const wanted = () => new AbortController().signal;
const ask = (of: string, signal = wanted()) => inPaperRoom("picture", of as never, signal);
const soon = () => vi.advanceTimersByTimeAsync(1);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  threads.at(-1)?.emit("exit");
  threads.length = 0;
  vi.useRealTimers();
});

test("one job is done after the other, and those that nobody waits for any more are left out", async () => {
  const given = () => threads[0]!.given;
  const givenUp = new AbortController();
  const first = ask("first");
  const stale = [ask("second", givenUp.signal), ask("third", givenUp.signal)];
  const refused = Promise.allSettled(stale);
  const last = ask("last");
  await soon();
  expect(given()).toEqual(["first"]);
  givenUp.abort();
  threads[0]!.emit("message", { ok: true, made: "a picture" });
  expect(await first).toBe("a picture");
  await soon();
  expect(given()).toEqual(["first", "last"]);
  expect((await refused).map(({ status }) => status)).toEqual(["rejected", "rejected"]);
  threads[0]!.emit("message", { ok: true, made: "the last" });
  expect(await last).toBe("the last");
  expect(threads).toHaveLength(1);
});

test("a job that fails says why, and a thread that breaks is followed by another", async () => {
  const failing = expect(ask("bad")).rejects.toThrow("no such view");
  await soon();
  threads[0]!.emit("message", { ok: false, message: "no such view" });
  await failing;
  const breaking = expect(ask("worse")).rejects.toThrow("out of memory");
  const next = ask("next");
  await soon();
  threads[0]!.emit("error", new Error("out of memory"));
  threads[0]!.emit("exit");
  await breaking;
  await soon();
  expect(threads).toHaveLength(2);
  expect(threads[1]!.given).toEqual(["next"]);
  threads[1]!.emit("message", { ok: true, made: "made" });
  expect(await next).toBe("made");
});

test("a job that takes too long is given up, and so is the thread that it holds", async () => {
  const endless = expect(ask("endless")).rejects.toThrow("closed");
  await vi.advanceTimersByTimeAsync(121_000);
  await endless;
  const next = ask("next");
  await soon();
  expect(threads).toHaveLength(2);
  threads[1]!.emit("message", { ok: true, made: "made" });
  expect(await next).toBe("made");
});
