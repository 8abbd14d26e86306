"use client";

import { useEffect, useState } from "react";
import { type ShelfWish, wishQuery } from "@/core/lesson/shelf-wish";
import { patient } from "@/kit/patient";
import type { ShelfLesson } from "./shelf-lesson";
import type { ShelfPart } from "./shelf-part";

/** The lessons found, as far as they have been loaded, by their position. */
export type Found = { wish: ShelfWish; total: number; lessons: ReadonlyMap<number, ShelfLesson> };

const foundIn = (wish: ShelfWish, { total, lessons }: ShelfPart): Found => ({
  wish,
  total,
  lessons: new Map(lessons.map((lesson, place) => [place, lesson])),
});

/** The search starts this long after the last letter. */
const STILL_MS = 120;
const TOO_LONG_MS = 15_000;
const AGAIN_MS = 3_000;

/** Reads a search from the address; loaded only when needed. */
const readWish = patient(() => import("./read-wish"));
/** Reads an answer; loaded only when needed. */
const shelfPart = patient(() => import("./shelf-part"));

async function fetchPart(wish: ShelfWish, from: number, signal: AbortSignal): Promise<ShelfPart> {
  const query = new URLSearchParams(wishQuery(wish));
  query.set("from", String(from));
  const answer = await fetch(`/api/shelf?${query}`, {
    signal: AbortSignal.any([signal, AbortSignal.timeout(TOO_LONG_MS)]),
  });
  const { ShelfPart } = await shelfPart();
  return ShelfPart.parse(await answer.json());
}

/**
 * The shelf: what came with the page, then what is searched for, and more of it as it comes into sight.
 * @param near the positions that are in sight or nearly so
 */
export function useShelf(
  came: { wish: ShelfWish; first: ShelfPart },
  near: { from: number; to: number },
): { wish: ShelfWish; setWish: (wish: ShelfWish) => void; found: Found; away: boolean } {
  const { first } = came;
  const [wish, setWish] = useState(came.wish);
  // On coming back, the page is as it first arrived; the address holds the search made since.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page arrives.
  useEffect(() => {
    const { search } = window.location;
    if (new URLSearchParams(search).toString() === wishQuery(came.wish)) return;
    void readWish().then(({ wishIn }) => setWish(wishIn(search)));
  }, []);
  const [found, setFound] = useState(() => foundIn(came.wish, first));
  const [away, setAway] = useState(false);
  const [tries, setTries] = useState(0);
  // After each change of the shelf its page arrives again.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the search comes with the page, and is no news by itself.
  useEffect(() => setFound(foundIn(came.wish, first)), [first]);

  const isAnother = wishQuery(wish) !== wishQuery(found.wish);
  const missing = isAnother ? 0 : firstMissing(found, near);
  // biome-ignore lint/correctness/useExhaustiveDependencies: a failed try is repeated.
  useEffect(() => {
    if (missing === null) return;
    const stop = new AbortController();
    let again: ReturnType<typeof setTimeout>;
    const look = async () => {
      try {
        const part = await fetchPart(wish, missing, stop.signal);
        setAway(false);
        if (isAnother) {
          setFound(foundIn(wish, part));
          // Kept for when the teacher comes back from a lesson.
          const query = wishQuery(wish);
          window.history.replaceState(null, "", query ? `/?${query}` : "/");
        } else setFound((was) => (was === found ? withPart(was, missing, part) : was));
      } catch {
        if (stop.signal.aborted) return;
        setAway(true);
        again = setTimeout(() => setTries((times) => times + 1), AGAIN_MS);
      }
    };
    const timer = setTimeout(look, isAnother ? STILL_MS : 0);
    return () => {
      clearTimeout(timer);
      clearTimeout(again);
      stop.abort();
    };
  }, [wish, found, missing, isAnother, tries]);
  return { wish, setWish, found, away };
}

function firstMissing({ total, lessons }: Found, { from, to }: { from: number; to: number }): number | null {
  for (let place = from; place < Math.min(to, total); place += 1) if (!lessons.has(place)) return place;
  return null;
}

/** Adds what has arrived. If the shelf was changed meanwhile, a lesson keeps its latest position. */
function withPart(found: Found, from: number, { total, lessons }: ShelfPart): Found {
  const coming = new Set(lessons.map(({ id }) => id));
  const there = [...found.lessons].filter(([place, { id }]) => place < total && !coming.has(id));
  const more = lessons.map((lesson, index) => [from + index, lesson] as const);
  return { ...found, total, lessons: new Map([...there, ...more]) };
}
