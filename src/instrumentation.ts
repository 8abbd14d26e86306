/**
 * At the start of the server: the tables are brought up to date, and the demo lessons loaded where asked for. A server
 * that cannot keep lessons does not start: why is said in a sentence, and nothing is left running.
 */
export async function register() {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { startData } = await import("./data/start");
  await startData();
}

/** A fault while a request was answered: told in the terminal in one line, without what a lesson holds. */
export async function onRequestError(fault: unknown, request: { path: string; method: string }) {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { shortFault } = await import("./data/start");
  console.error(`Yellow Stair: ${request.method} ${request.path.slice(0, 120)}: ${shortFault(fault)}`);
}
