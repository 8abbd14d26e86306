"use client";

import { useRouter } from "next/navigation";
import { useTransition } from "react";
import { say } from "@/kit/messages";
import { askShelf } from "./shelf-doors";
import type { ShelfAnswer, ShelfRequest } from "./shelf-messages";

const UNREACHED =
  "Yellow Stair did not answer, so nothing was changed. Check that it is running, then try again.";

/** Requests a change of the shelf and shows it, or says what went wrong. */
export function useDoor(): [boolean, (request: ShelfRequest, then: (id: string) => void) => void] {
  const [busy, start] = useTransition();
  const router = useRouter();
  const ask = (request: ShelfRequest, then: (id: string) => void) =>
    start(async () => {
      const answer = await askShelf(request).catch((): ShelfAnswer => ({ ok: false, message: UNREACHED }));
      if (!answer.ok) return say(answer.message);
      then(answer.id);
      router.refresh();
    });
  return [busy, ask];
}
