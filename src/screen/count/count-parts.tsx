"use client";

import type { Board } from "@/core/lesson/board";
import { addView, withoutView, withView } from "@/core/lesson/edit-views";
import { arrowsOf, chartOf, placedOf, trailOf } from "@/core/lesson/views-of";
import { KINDS } from "@/core/views/kinds";
import type { TrailSettings } from "@/core/views/kinds/trail";
import { MAX_PLACED } from "@/core/views/layout";
import { Choice } from "@/kit/choice";
import { Switch } from "@/kit/switch";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";

const PARTS: readonly { part: Exclude<keyof TrailSettings, "kind" | "words">; label: string }[] = [
  { part: "sentence", label: "Number sentence" },
  { part: "numbers", label: "Numbers so far" },
  { part: "ones", label: "Ones digits so far" },
];
const NO_PARTS: TrailSettings = { ...KINDS.trail.starts, numbers: false, sentence: false, ones: false };

/** The parts of the count panel, and the arrow moves that stand with it. */
export function CountParts() {
  const trail: TrailSettings = useBoard((state) => trailOf(pickBoard(state))) ?? NO_PARTS;
  const placed = useBoard((state) => placedOf(pickBoard(state)).length);
  const chart = useBoard((state) => chartOf(pickBoard(state)) !== undefined);
  const arrows = useBoard((state) => arrowsOf(pickBoard(state)));
  const stands = useBoard((state) => placedOf(pickBoard(state)).some(({ kind }) => kind === "trail"));
  const store = useBoardStore();
  const full = !stands && placed >= MAX_PLACED;
  const withTrail = (board: Board, next: TrailSettings) => {
    const there = trailOf(board);
    return there ? withView(board, { ...next, id: there.id }) : addView(board, next);
  };
  const lay = (next: TrailSettings) =>
    store.getState().change((state) => ({ ...state, board: withTrail(state.board, next) }));
  return (
    <div className="flex flex-col">
      <p className="mb-2 text-small leading-snug text-quiet">
        {full
          ? "There is no room for the count so far: take another view away first."
          : "Show in the count panel:"}
      </p>
      {PARTS.map(({ part, label }) => (
        <Switch
          key={part}
          label={label}
          disabled={full}
          on={trail[part]}
          onChange={(on) => lay({ ...trail, [part]: on })}
        />
      ))}
      <Switch
        label="Arrow moves"
        disabled={!chart || full}
        on={arrows !== undefined}
        onChange={(on) =>
          store.getState().change((state) => ({
            ...state,
            board: on
              ? addView(withTrail(state.board, { ...trail, sentence: true }), KINDS.arrows.starts)
              : withoutView(state.board, arrows?.id ?? ""),
          }))
        }
      />
      <div className="mt-3">
        <Choice
          label="The number in words"
          value={trail.words}
          options={[
            { value: "off", label: "Off" },
            { value: "british", label: "British" },
            { value: "american", label: "American" },
          ]}
          onChange={(words) => !full && lay({ ...trail, words })}
        />
      </div>
      <p className="mt-2 text-small text-quiet">
        {trail.words === "american" ? "112: one hundred twelve" : "112: one hundred and twelve"}
      </p>
    </div>
  );
}
