import { afterFrame } from "@/kit/after-frame";

type Subscribe = (whenChanged: () => void) => () => void;

/**
 * Like `subscribe`, but one frame later: the cell under the finger is painted first, and whatever reports about it
 * follows. Many changes within a frame are reported once, and to all listeners together.
 */
export function afterPaint(subscribe: Subscribe): Subscribe {
  const listeners = new Set<() => void>();
  let stop = () => {};
  let waiting = false;
  const tell = () => {
    waiting = false;
    for (const listener of [...listeners]) listener();
  };
  const changed = () => {
    if (waiting) return;
    waiting = true;
    afterFrame(tell);
  };
  return (whenChanged) => {
    if (listeners.size === 0) stop = subscribe(changed);
    listeners.add(whenChanged);
    return () => {
      listeners.delete(whenChanged);
      if (listeners.size === 0) stop();
    };
  };
}
