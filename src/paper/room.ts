import { isMainThread, parentPort } from "node:worker_threads";
import { JOBS, type Job, type JobName } from "./jobs";

export * from "./command-line";
/**
 * Where pictures and paper are made. The command line calls its jobs directly; the server gives it a thread of its own,
 * so that a set of thirty pages holds up nobody.
 */
export { JOBS };

type Asked = { readonly job: JobName; readonly of: Job<JobName> };

if (!isMainThread && parentPort) {
  const port = parentPort;
  port.on("message", ({ job, of }: Asked) => {
    void (async () => {
      try {
        const made = await (JOBS[job] as (of: unknown) => Promise<unknown>)(of);
        port.postMessage({ ok: true, made });
      } catch (reason) {
        port.postMessage({
          ok: false,
          message: reason instanceof Error ? (reason.stack ?? reason.message) : String(reason),
        });
      }
    })();
  });
}
