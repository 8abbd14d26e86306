"use client";

import { clsx } from "clsx";
import type { ReactNode } from "react";
import { useStore } from "zustand";
import { createStore, type StoreApi } from "zustand/vanilla";
import { later } from "@/kit/later";
import { useBoard } from "../store/use-board";
import type { ClassLink } from "./class-link";

const ClassPanel = later(() => import("./class-panel").then((part) => part.ClassPanel));
const ClassSees = later(() => import("./class-sees").then((part) => part.ClassSees));

type Props = { link: StoreApi<ClassLink> | null; children: ReactNode };

/** No class screen is known. */
const NONE = createStore<Pick<ClassLink, "follows" | "held" | "blank">>()(() => ({
  follows: false,
  held: null,
  blank: false,
}));

/**
 * The board while teaching: with a class screen, a frame shows what the class sees, and what only the teacher sees
 * stands beside it. It is the same board with and without: a class screen that opens takes nothing out of a hand.
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
        {framed && <ClassSees sees={sees} />}
      </div>
      {framed && link && <ClassPanel link={link} />}
    </div>
  );
}
