"use client";

import { clsx } from "clsx";
import type { ReactNode } from "react";
import { useStore } from "zustand";
import type { StoreApi } from "zustand/vanilla";
import { later } from "@/kit/later";
import { useBoard } from "../store/use-board";
import type { ClassLink } from "./class-link";

const ClassPanel = later(() => import("./class-panel").then((part) => part.ClassPanel));

type Props = { link: StoreApi<ClassLink> | null; children: ReactNode };

/** The board while it is taught: with a class screen, what the class sees has a frame, and what only the teacher sees stands beside it. */
export function BesideClass({ link, children }: Props) {
  return link ? <WithLink link={link}>{children}</WithLink> : children;
}

function WithLink({ link, children }: { link: StoreApi<ClassLink>; children: ReactNode }) {
  const follows = useStore(link, (state) => state.follows);
  const sees = useStore(link, (state) => (state.blank ? "nothing" : state.held ? "before" : "this"));
  const preparing = useBoard((state) => state.preparing);
  if (!follows || preparing) return children;
  return (
    <div className="flex min-h-0 flex-1 gap-4 portrait:flex-col">
      <div
        className={clsx(
          "relative mb-4 flex min-h-0 min-w-0 flex-1 flex-col gap-3 rounded-[20px] border-[3px] p-2",
          sees === "this" ? "border-ink" : "border-dashed border-quiet",
        )}
      >
        {children}
        <p
          className={clsx(
            "absolute -bottom-4 left-5 rounded-full px-4 py-1 text-[15px] font-semibold",
            sees === "this" ? "bg-ink text-white" : "border-2 border-dashed border-quiet bg-wall text-quiet",
          )}
        >
          {SEES[sees]}
        </p>
      </div>
      <ClassPanel link={link} />
    </div>
  );
}

const SEES = {
  this: "What the class sees",
  before: "Only you see this: the class screen is held",
  nothing: "Only you see this: the class screen is blank",
} as const;
