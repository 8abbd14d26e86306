/** Long enough for the frame to be presented, even by a slow computer; far too short to be noticed. */
const CLEAR_OF_THE_FRAME_MS = 16;

let waiting: (() => void)[] = [];

function doAll(): void {
  const now = waiting;
  waiting = [];
  for (const each of now) each();
}

const later = () => setTimeout(doAll, CLEAR_OF_THE_FRAME_MS);

/**
 * Runs something once the next frame has been painted, in the order requested: what is under the finger comes first.
 */
export function afterFrame(then: () => void): void {
  if (waiting.push(then) === 1) requestAnimationFrame(later);
}
