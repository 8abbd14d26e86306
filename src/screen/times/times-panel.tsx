"use client";

import { clsx } from "clsx";
import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp } from "lucide-react";
import type { Board } from "@/core/lesson/board";
import { viewOf, windowOf } from "@/core/lesson/views-of";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { LEVELS, PUZZLE_ROWS } from "@/core/puzzle/make-times-puzzle";
import { MAX_TIMES } from "@/core/surface/cell-key";
import { clampWindow, type TimesSettings } from "@/core/surface/times-grid";
import type { ViewOf } from "@/core/views/view";
import { Button } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { keepKeyboard } from "@/kit/rail-button";
import { CheckedField, DraftField, useBoardDrafts } from "../prepare/checked-field";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";
import { makePuzzle } from "./make-puzzle";

const WAYS = [
  { name: "up", row: -1, column: 0, Icon: ArrowUp, cell: "col-start-2 row-start-1" },
  { name: "left", row: 0, column: -1, Icon: ArrowLeft, cell: "col-start-1 row-start-2" },
  { name: "right", row: 0, column: 1, Icon: ArrowRight, cell: "col-start-3 row-start-2" },
  { name: "down", row: 1, column: 0, Icon: ArrowDown, cell: "col-start-2 row-start-2" },
] as const;

/** On an upright screen what a touch marks stands beside the arrows, and the grid has its room. */
const UPRIGHT =
  "portrait:flex-row portrait:items-center portrait:*:first:mx-0 portrait:*:last:min-w-0 portrait:*:last:flex-1 phone:flex-wrap";

type Props = { times: ViewOf<"times">; preparing?: boolean };

/** The controls that slide the window of a times grid; while preparing, further settings too. */
export function TimesPanel({ times, preparing = false }: Props) {
  return (
    <section
      aria-label="Slide"
      className={clsx("flex flex-col gap-4", !preparing && `rounded-card bg-board p-4 phone:p-3 ${UPRIGHT}`)}
    >
      <SlideArrows times={times} />
      <TouchMarks times={times} />
      {preparing && <Window times={times} />}
      {preparing && <PuzzleMaker times={times} />}
    </section>
  );
}

function useSlide(times: ViewOf<"times">) {
  const at = windowOf(times, useBoard(pickScene));
  const store = useBoardStore();
  const slide = (row: number, column: number) =>
    store.getState().slideTo(times.id, clampWindow(times, { row, column }));
  return { at, slide };
}

function SlideArrows({ times }: { times: ViewOf<"times"> }) {
  const { at, slide } = useSlide(times);
  return (
    <div className="mx-auto grid grid-cols-3 gap-2">
      {WAYS.map(({ name, row, column, Icon, cell }) => (
        <button
          key={name}
          type="button"
          aria-label={`Slide ${name}`}
          onMouseDown={keepKeyboard}
          onClick={() => slide(at.row + row, at.column + column)}
          className={`flex size-touch items-center justify-center rounded-button border-2 border-edge bg-mist hover:border-ink ${cell}`}
        >
          <Icon aria-hidden size="1.625rem" strokeWidth={2.6} />
        </button>
      ))}
    </div>
  );
}

const readIndex = (typed: string | undefined, kept: number) =>
  typed === undefined ? ({ ok: true, value: kept } as const) : readWhole(typed, 1, MAX_TIMES);

/** Where the window begins. */
function Window({ times }: { times: ViewOf<"times"> }) {
  const { at, slide } = useSlide(times);
  const drafts = useBoardDrafts(
    `window ${times.id}`,
    { row: showNumber(String(at.row)), column: showNumber(String(at.column)) },
    (typed) => {
      const [row, column] = [readIndex(typed.row, at.row), readIndex(typed.column, at.column)];
      if (!row.ok) return { ...row, at: "row" as const };
      return column.ok
        ? { ok: true as const, value: { row: row.value, column: column.value } }
        : { ...column, at: "column" as const };
    },
    (to) => slide(to.row, to.column),
  );
  return (
    <>
      {/* If the class does not see which rows and columns these are, nothing here says so. */}
      {times.rowNames === "shown" && times.columnNames === "shown" && (
        <div {...drafts.group} className="grid grid-cols-2 gap-3">
          <DraftField label="Go to row" {...drafts.field("row")} />
          <DraftField label="Go to column" {...drafts.field("column")} />
        </div>
      )}
    </>
  );
}

/** What a touch on a square marks. */
function TouchMarks({ times }: { times: ViewOf<"times"> }) {
  const store = useBoardStore();
  return (
    <Choice
      label="A touch marks"
      value={times.marks}
      options={[
        { value: "place", label: "This square" },
        { value: "value", label: "Everywhere" },
      ]}
      onChange={(marks) =>
        store.getState().setTo((board) => ({ of: "view", is: { ...nowOf(board, times), marks } }))
      }
    />
  );
}

/** The grid with its live settings. */
const nowOf = (board: Board, times: ViewOf<"times">) => (viewOf(board, times.id) ?? times) as ViewOf<"times">;

/** The settings of the next puzzle, and the button that makes it. */
function PuzzleMaker({ times }: { times: ViewOf<"times"> }) {
  const store = useBoardStore();
  const set = (part: Partial<TimesSettings["puzzle"]>) =>
    store.getState().setTo((board) => {
      const now = nowOf(board, times);
      return { of: "view", is: { ...now, puzzle: { ...now.puzzle, ...part } } };
    });
  return (
    <div className="flex flex-col gap-3 border-t border-rule pt-4">
      <h2 className="font-semibold">Puzzle with one answer</h2>
      <div className="flex flex-col gap-3">
        <CheckedField
          label="Level, 1 to 10"
          numeric
          value={String(times.puzzle.level)}
          read={(typed) => readWhole(typed, 1, LEVELS.length)}
          onTake={(level) => set({ level })}
        />
        <Choice
          shown="Rows"
          label="Rows of the puzzle"
          value={String(times.puzzle.rows)}
          options={PUZZLE_ROWS.map((count) => ({ value: String(count), label: String(count) }))}
          onChange={(rows) => set({ rows: Number(rows) })}
        />
      </div>
      <Button tone="strong" className="h-press" onClick={() => makePuzzle(store, times.id)}>
        Make a puzzle
      </Button>
    </div>
  );
}
