"use client";

import { useEffect, useRef } from "react";

/**
 * Calls `beat` every `seconds` while `running`, the first time after one interval. Beats are counted from the start, so
 * that a late one does not delay the next.
 */
export function useClock(running: boolean, seconds: number, beat: () => void): void {
  const latest = useRef(beat);
  useEffect(() => {
    latest.current = beat;
  });
  useEffect(() => {
    if (!running) return;
    const start = performance.now();
    let beats = 1;
    let timer: ReturnType<typeof setTimeout>;
    const wait = () => {
      timer = setTimeout(
        () => {
          beats += 1;
          wait();
          latest.current();
        },
        start + beats * seconds * 1000 - performance.now(),
      );
    };
    wait();
    return () => clearTimeout(timer);
  }, [running, seconds]);
}
