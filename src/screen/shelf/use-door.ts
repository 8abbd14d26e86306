"use client";

import { useTransition } from "react";
import { say } from "@/kit/messages";
import type { ShelfAnswer } from "./shelf-messages";

const UNREACHED =
  "Yellow Stair did not answer, so nothing was changed. Check that it is running, then try again.";

/** Runs a door and says what went wrong, where something did. */
export function useDoor(): [boolean, (door: () => Promise<ShelfAnswer>, then: (id: string) => void) => void] {
  const [busy, start] = useTransition();
  const run = (door: () => Promise<ShelfAnswer>, then: (id: string) => void) =>
    start(async () => {
      const answer = await door().catch((): ShelfAnswer => ({ ok: false, message: UNREACHED }));
      if (answer.ok) then(answer.id);
      else say(answer.message);
    });
  return [busy, run];
}
