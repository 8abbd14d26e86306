"use client";

import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { later } from "@/kit/later";
import { useSize } from "@/kit/use-size";
import { CARD, columnsIn, GAP, MAX_COLUMNS, ROW, ROW_GAP } from "./card-rows";
import { LessonCard } from "./lesson-card";
import type { Rows } from "./near-rows";
import { AT_A_TIME } from "./shelf-lesson";
import type { Found } from "./use-shelf";

const NearRows = later(() => import("./near-rows").then((part) => part.NearRows));

type Props = {
  found: Found;
  /** The labels in use: if there are any, every card has a line for them. */
  inUse: readonly string[];
  /** Number of cards rendered before the window is known. */
  drawn: number;
  onNear: (near: { from: number; to: number }) => void;
};

/** The cards of the lessons, as many as are near the window; the page is as long as if all of them stood there. */
export function LessonList({ found, inUse, drawn, onNear }: Props) {
  const { total, lessons } = found;
  const list = useRef<HTMLUListElement>(null);
  const { width } = useSize(list, { width: 0, height: 0 });
  const [row, setRow] = useState(ROW);
  const [top, setTop] = useState(0);
  const columns = columnsIn(width);
  const rows = Math.ceil(total / columns);
  const [near, setNear] = useState<Rows | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: measured anew where a card may have become higher.
  useLayoutEffect(() => {
    const here = list.current;
    const card = here?.querySelector("li");
    if (!here || !card) return;
    setRow(card.getBoundingClientRect().height);
    setTop(here.getBoundingClientRect().top + window.scrollY);
  }, [width, inUse.length, total]);
  // Before the window is known, only the visible cards are rendered.
  const before = width === 0 || near === null;
  const [firstRow, lastRow] = near ?? [0, 0];
  const from = firstRow * columns;
  const to = before ? Math.min(AT_A_TIME, total) : Math.min((lastRow + 1) * columns, total);
  useEffect(() => onNear({ from, to }), [onNear, from, to]);
  return (
    <ul
      ref={list}
      className="grid gap-x-6 gap-y-8"
      style={{
        gridTemplateColumns: before
          ? `repeat(auto-fill, minmax(max(min(${CARD}px, 100%), (100% - ${(MAX_COLUMNS - 1) * GAP}px) / ${MAX_COLUMNS}), 1fr))`
          : `repeat(${columns}, minmax(0, 1fr))`,
        paddingTop: firstRow * (row + ROW_GAP),
        paddingBottom: before ? 0 : Math.max(0, rows - 1 - lastRow) * (row + ROW_GAP),
      }}
    >
      {Array.from({ length: Math.max(0, to - from) }, (_, index) => {
        const place = from + index;
        const lesson = before && place >= drawn ? undefined : lessons.get(place);
        return lesson ? (
          <LessonCard
            key={lesson.id}
            lesson={lesson}
            place={place}
            total={total}
            inUse={inUse}
            isDrawn={place < drawn}
          />
        ) : (
          <li key={`place ${place}`} aria-hidden className="rounded-card bg-mist" style={{ height: row }} />
        );
      })}
      {width > 0 && <NearRows count={rows} row={row} top={top} onNear={setNear} />}
    </ul>
  );
}
