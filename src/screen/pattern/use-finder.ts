"use client";

import { useEffect, useRef, useState } from "react";
import type { Beyond } from "@/core/set/finder/beyond";
import type { Answer } from "@/core/set/finder/find-rules";
import type { Squares } from "@/core/set/squares";
import { patient, untilThere } from "@/kit/patient";
import type { FinderAnswer, FinderAsk } from "@/worker/finder";

type Question = Omit<FinderAsk, "id">;
type Found = {
  readonly answers: readonly Answer[] | null;
  readonly beyond: Beyond | null;
  readonly looking: boolean;
};

/** Starts the finder. Fails while the server is away, unless the browser has the finder's code already. */
const start = () =>
  new Promise<Worker>((resolve, reject) => {
    const made = new Worker(new URL("../../worker/finder.ts", import.meta.url), { type: "module" });
    made.onmessage = () => resolve(made);
    made.onerror = reject;
  });

// Started once ahead of time, so that the browser keeps its code.
patient(async () => (await start()).terminate());

/**
 * The rules behind a shading, found in a web worker; null while it works. The last answers stay until new ones arrive.
 */
export function useFinder(question: Question | null): Found {
  const [worker, setWorker] = useState<Worker | null>(null);
  const asked = useRef(0);
  const [found, setFound] = useState<FinderAnswer | null>(null);
  useEffect(() => {
    let made: Worker | null = null;
    let gone = false;
    void untilThere(async () => (gone ? null : start())).then((there) => {
      if (gone || !there) return there?.terminate();
      made = there;
      made.onmessage = ({ data }: MessageEvent<FinderAnswer>) => setFound(data);
      setWorker(made);
    });
    return () => {
      gone = true;
      made?.terminate();
    };
  }, []);
  // An unchanged question is not asked again.
  const text = question && JSON.stringify(question);
  useEffect(() => {
    asked.current += 1;
    if (text !== null) worker?.postMessage({ id: asked.current, ...JSON.parse(text) });
  }, [text, worker]);
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
