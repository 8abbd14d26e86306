"use client";

import { type ReactNode, startTransition, useEffect, useState } from "react";
import { patient } from "@/kit/patient";
import { BOARD_GROUND, bringBegin } from "../ground";
import type { Ready } from "./begin";
import type { LiveBoard } from "./live-board";
import type { OpenLesson } from "./open-lesson";

/** Lets the page do what waits: a touch to be answered, a frame to be painted. */
const moment = () => new Promise((on) => setTimeout(on));

/** What makes the board alive. */
const parts = patient(async () => {
  for (const part of BOARD_GROUND) {
    await part.bring();
    await moment();
  }
  const { begin, bringBoard } = await bringBegin();
  await moment();
  const { LiveBoard } = await bringBoard();
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
