"use client";

import { useEffect, useState } from "react";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { useBoard, useBoardStore } from "../store/use-board";
import { beginWith, carryOn } from "./carry-on";
import type { SittingTold } from "./sitting-messages";

/** Classes that are offered above the board; the others are in the menu. */
const OFFERED = 3;

/**
 * Offers to carry on a lesson that was begun before, or to begin again, with one touch each. Simply starting to teach
 * begins again: the offer goes with the first thing that is done.
 */
export function SittingsBand({ id, sittings }: { id: string; sittings: readonly SittingTold[] }) {
  const store = useBoardStore();
  const forClass = useBoard((state) => state.words.forClass);
  const [open, setOpen] = useState(true);
  useEffect(() => {
    const { boards } = store.getState();
    return store.subscribe((now) => now.boards !== boards && setOpen(false));
  }, [store]);
  if (!open) return null;
  const [latest] = sittings;
  const begin = () => {
    const whom = sittings.some((one) => one.forClass === forClass) ? forClass : latest!.forClass;
    beginWith(id, store, whom);
    setOpen(false);
    say("From the beginning.", { label: "Carry on instead", run: () => void carryOn(id, store, whom) });
  };
  return (
    <section
      aria-label="Begun before"
      className="mx-5 mb-3 flex shrink-0 flex-wrap items-center gap-x-3 gap-y-2 rounded-card bg-board py-2 pr-2 pl-5"
    >
      <p className="min-w-56 flex-1 leading-snug">
        {sittings.length === 1
          ? `${latest!.forClass || "This lesson"} stopped at ${latest!.where} ${latest!.when}.`
          : "This lesson was begun before."}
      </p>
      {sittings.slice(0, OFFERED).map((one, i) => (
        <Button
          key={one.forClass}
          tone={i === 0 ? "stair" : "plain"}
          onClick={() => void carryOn(id, store, one.forClass)}
        >
          {sittings.length === 1
            ? `Carry on at ${one.where}`
            : `${one.forClass || "No class"}: ${one.where}, ${one.when}`}
        </Button>
      ))}
      <Button onClick={begin}>From the beginning</Button>
    </section>
  );
}
