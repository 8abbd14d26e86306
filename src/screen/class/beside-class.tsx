"use client";

import { clsx } from "clsx";
import type { ReactNode } from "react";
import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { later } from "@/kit/later";
import { useBoard } from "../store/use-board";
import type { ClassLink } from "./class-link";

const ClassPanel = later(() => import("./class-panel").then((part) => part.ClassPanel));

type Props = { link: StoreApi<ClassLink> | null; children: ReactNode };

/** No class screen has been heard of. */
const NONE = createStore<Pick<ClassLink, "follows" | "held" | "blank">>()(() => ({
  follows: false,
  held: null,
  blank: false,
}));

/**
 * The board while it is taught: with a class screen, what the class sees has a frame, and what only the teacher sees stands beside
 * it. The board is the same one with and without: a class screen that opens takes nothing out of a hand.
 */
export function BesideClass({ link, children }: Props) {
  const follows = useStore(link ?? NONE, (state) => state.follows);
  const sees = useStore(link ?? NONE, (state) => (state.blank ? "nothing" : state.held ? "before" : "this"));
  const preparing = useBoard((state) => state.preparing);
  const framed = follows && !preparing;
  return (
    <div className={framed ? "flex min-h-0 flex-1 gap-4 portrait:flex-col" : "contents"}>
      <div
        className={clsx(
          framed
            ? "relative mb-4 flex min-h-0 min-w-0 flex-1 flex-col gap-3 rounded-card border-[3px] p-2"
            : "contents",
          framed && (sees === "this" ? "border-ink" : "border-dashed border-quiet"),
        )}
      >
        {children}
        {framed && (
          <p
            className={clsx(
              "absolute -bottom-4 left-5 rounded-full px-4 py-1 text-small font-semibold",
              sees === "this"
                ? "bg-ink text-board"
                : "border-2 border-dashed border-quiet bg-wall text-quiet",
            )}
          >
            {SEES[sees]}
          </p>
        )}
      </div>
      {framed && link && <ClassPanel link={link} />}
    </div>
  );
}

const SEES = {
  this: "What the class sees",
  before: "Only you see this: the class screen is held",
  nothing: "Only you see this: the class screen is blank",
} as const;
