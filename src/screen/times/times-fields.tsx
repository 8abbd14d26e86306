"use client";

import { timesOf, withMain } from "@/core/lesson/views-of";
import { readWhole } from "@/core/number/read-whole";
import { MOST_TIMES } from "@/core/surface/place-key";
import { LEAST_WINDOW, MOST_WINDOW, TimesSettings } from "@/core/surface/times-grid";
import { Choice } from "@/kit/choice";
import { CheckedField } from "../board/checked-field";
import { pickBoard, useBoard, useBoardStore } from "../board/use-board";

type Part = "row" | "column" | "rows" | "columns";

const BOUNDS: Record<Part, [least: number, most: number]> = {
  row: [1, MOST_TIMES],
  column: [1, MOST_TIMES],
  rows: [LEAST_WINDOW.rows, MOST_WINDOW.rows],
  columns: [LEAST_WINDOW.columns, MOST_WINDOW.columns],
};

/** The window of the times grid, and what stands at its edges. */
export function TimesFields() {
  const times = useBoard((state) => timesOf(pickBoard(state)));
  const store = useBoardStore();
  if (!times) return null;
  const lay = (next: TimesSettings) =>
    store.getState().change((state) => ({ ...state, board: withMain(state.board, next) }));
  const field = (part: Part, label: string) => (
    <CheckedField
      label={label}
      numeric
      value={String(times[part])}
      check={(typed) => withPart(times, part, typed).message}
      onTake={(typed) => {
        const { next } = withPart(times, part, typed);
        if (next) lay(next);
      }}
    />
  );
  const names = (part: "rowNames" | "columnNames", label: string) => (
    <Choice
      label={label}
      value={times[part]}
      options={[
        { value: "shown", label: "Shown" },
        { value: "covered", label: "Covered" },
        { value: "absent", label: "Absent" },
      ]}
      onChange={(value) => lay({ ...times, [part]: value })}
    />
  );
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 gap-3">
        {field("rows", "Rows")}
        {field("columns", "In a row")}
        {field("row", "First row")}
        {field("column", "First column")}
      </div>
      {names("rowNames", "Names of the rows")}
      {names("columnNames", "Names of the columns")}
      <Choice
        label="A covered number is"
        value={times.covers}
        options={[
          { value: "solid", label: "Under a cover" },
          { value: "empty", label: "An empty place" },
        ]}
        onChange={(covers) => lay({ ...times, covers })}
      />
    </div>
  );
}

function withPart(
  times: TimesSettings,
  part: Part,
  typed: string,
): { next?: TimesSettings; message?: string } {
  const read = readWhole(typed, ...BOUNDS[part]);
  if (!read.ok) return { message: read.message };
  const checked = TimesSettings.safeParse({ ...times, [part]: read.value });
  return checked.success ? { next: checked.data } : { message: checked.error.issues[0]!.message };
}
