/**
 * Runs when the server starts: migrates the tables, and loads the demo lessons if asked to. A server that cannot store
 * lessons does not start: it says why in a sentence, and leaves nothing running.
 */
export async function register() {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { startData } = await import("./data/start");
  await startData();
}

/** A fault while answering a request: reported in the terminal in one line, without the contents of a lesson. */
export async function onRequestError(fault: unknown, request: { path: string; method: string }) {
  if (process.env.NEXT_RUNTIME !== "nodejs") return;
  const { shortFault } = await import("./data/start");
  console.error(`Yellow Stair: ${request.method} ${request.path.slice(0, 120)}: ${shortFault(fault)}`);
}
