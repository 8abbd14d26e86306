"use client";

import { useEffect, useRef, useState } from "react";
import type { Beyond } from "@/core/set/finder/beyond";
import type { Answer } from "@/core/set/finder/find-rules";
import type { Squares } from "@/core/set/squares";
import type { FinderAnswer, FinderAsk } from "@/worker/finder";

type Question = Omit<FinderAsk, "id">;
type Found = {
  readonly answers: readonly Answer[] | null;
  readonly beyond: Beyond | null;
  readonly looking: boolean;
};

/**
 * The rules behind a shading, found in a web worker; null while it works. The last answers stay until new ones arrive.
 */
export function useFinder(question: Question | null): Found {
  const worker = useRef<Worker | null>(null);
  const asked = useRef(0);
  const [found, setFound] = useState<FinderAnswer | null>(null);
  useEffect(() => {
    const made = new Worker(new URL("../../worker/finder.ts", import.meta.url), { type: "module" });
    made.onmessage = ({ data }: MessageEvent<FinderAnswer>) => setFound(data);
    worker.current = made;
    return () => {
      made.terminate();
      worker.current = null;
    };
  }, []);
  // An unchanged question is not asked again.
  const text = question && JSON.stringify(question);
  useEffect(() => {
    asked.current += 1;
    if (text !== null) worker.current?.postMessage({ id: asked.current, ...JSON.parse(text) });
  }, [text]);
  if (question === null) return { answers: null, beyond: null, looking: false };
  return {
    answers: found?.answers ?? null,
    beyond: found?.beyond ?? null,
    looking: found?.id !== asked.current,
  };
}

/** The squares of a chart as sent to the finder. */
export const askAbout = (
  numbers: readonly string[],
  shaded: readonly string[],
  squares: Squares | null,
): Question => ({ numbers, shaded, unknown: [], squares });
