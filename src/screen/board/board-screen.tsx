"use client";

import { type ReactNode, startTransition, useEffect, useState } from "react";
import { patient } from "@/kit/patient";
import type { Ready } from "./begin";
import type { LiveBoard } from "./live-board";
import type { OpenLesson } from "./open-lesson";

/** What makes the board alive. */
const alive = patient(() => import("./alive"));

// Loaded while the page is still hydrating.
if (typeof document !== "undefined") void alive();

type Props = {
  open: OpenLesson;
  prepare: boolean;
  /** The board as the server has drawn it. */
  children: ReactNode;
};
type Alive = { ready: Ready; Board: typeof LiveBoard };

/** The board screen: as the server has drawn it, until it is alive. */
export function BoardScreen({ open, prepare, children }: Props) {
  const [board, setBoard] = useState<Alive | null>(null);
  useEffect(() => {
    let gone = false;
    void alive().then(async ({ begin, LiveBoard }) => {
      const ready = await begin(open, prepare);
      // The board becomes interactive in a transition, between other work of the page.
      if (!gone) startTransition(() => setBoard({ ready, Board: LiveBoard }));
    });
    return () => {
      gone = true;
    };
  }, [open, prepare]);
  // Only the browser knows what it kept; until that has been read the board stands as the server has drawn it.
  return board ? <board.Board open={open} ready={board.ready} /> : children;
}
