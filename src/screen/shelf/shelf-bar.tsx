"use client";

import { clsx } from "clsx";
import type { ShelfOrder, ShelfWish } from "@/core/lesson/shelf-wish";
import { manyOf } from "@/core/number/many-of";
import { TurnButton } from "@/kit/button";
import { Select } from "@/kit/select";
import type { Found } from "./use-shelf";

/** A label, and how many lessons on the shelf have it. */
export type LabelInUse = { label: string; lessons: number };

const ORDERS: readonly { value: ShelfOrder; label: string }[] = [
  { value: "latest", label: "Latest first" },
  { value: "title", label: "By title" },
  { value: "class", label: "By class" },
];

type Props = {
  wish: ShelfWish;
  setWish: (wish: ShelfWish) => void;
  labels: readonly LabelInUse[];
  found: Found;
  /** Whether the server is away. */
  away: boolean;
};

/** The labels to choose from, the number of lessons found, and their order. */
export function ShelfBar({ wish, setWish, labels, found, away }: Props) {
  const { total } = found;
  const said = found.wish.find || found.wish.label ? "found" : "";
  return (
    <div className="mb-6 flex items-start gap-4">
      <fieldset aria-label="Labels" className="flex min-w-0 flex-1 flex-wrap items-center gap-2">
        {labels.map(({ label, lessons }) => {
          const chosen = wish.label === label;
          return (
            <TurnButton
              key={label}
              aria-pressed={chosen}
              onClick={() => setWish({ ...wish, label: chosen ? "" : label })}
              className={clsx(
                "flex h-press items-center gap-2 rounded-full border px-4 font-semibold",
                chosen ? "border-ink bg-ink text-board" : "border-edge bg-board hover:border-ink",
              )}
            >
              {label} <span className={chosen ? "text-board" : "font-normal text-quiet"}>{lessons}</span>
            </TurnButton>
          );
        })}
      </fieldset>
      <p role="status" className="flex h-press shrink-0 items-center text-quiet">
        {away
          ? "Yellow Stair does not answer. Trying again…"
          : [manyOf(total, "lesson"), said].filter(Boolean).join(" ")}
      </p>
      <Select
        label="Order of the lessons"
        value={wish.order}
        onChange={(order) => setWish({ ...wish, order })}
        options={ORDERS}
      />
    </div>
  );
}
