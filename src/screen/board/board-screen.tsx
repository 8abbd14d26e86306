"use client";

import { type ReactNode, startTransition, useEffect, useState } from "react";
import { patient } from "@/kit/patient";
import type { Ready } from "./begin";
import type { LiveBoard } from "./live-board";
import type { OpenLesson } from "./open-lesson";

/** What the parts of a live board are built on, from the bottom up. */
const GROUND = [
  () => import("@/core/surface/cell-key"),
  () => import("@/core/set/rule"),
  () => import("@/core/views/view"),
  () => import("@/core/scene/move"),
  () => import("../store/board-store"),
  () => import("./begin"),
];

/** Lets the page do what waits: a touch to be answered, a frame to be painted. */
const moment = () => new Promise((on) => setTimeout(on));

/**
 * What makes the board alive. Setting all of it up at once would hold up the page, so each part has a moment of its own, and
 * touches are answered between them.
 */
const parts = patient(async () => {
  for (const part of GROUND) {
    await part();
    await moment();
  }
  const { begin } = await import("./begin");
  const { LiveBoard } = await import("./live-board");
  return { begin, LiveBoard };
});

// They are fetched while the page is still waking up.
if (typeof document !== "undefined") void parts();

type Props = {
  open: OpenLesson;
  prepare: boolean;
  /** The board as the server has drawn it. */
  children: ReactNode;
};
type Alive = { ready: Ready; Board: typeof LiveBoard };

/** The board screen: as the server has drawn it, until it is alive. */
export function BoardScreen({ open, prepare, children }: Props) {
  const [alive, setAlive] = useState<Alive | null>(null);
  useEffect(() => {
    let gone = false;
    void parts().then(async ({ begin, LiveBoard }) => {
      const ready = await begin(open, prepare);
      // The board comes alive between other things that the page has to do, and not all at once.
      if (!gone) startTransition(() => setAlive({ ready, Board: LiveBoard }));
    });
    return () => {
      gone = true;
    };
  }, [open, prepare]);
  // What the browser kept is known only there; until it has been read the board stands as the server has drawn it.
  return alive ? <alive.Board open={open} ready={alive.ready} /> : children;
}
