"use client";

import { showNumber } from "@/core/number/show-number";
import { changeTimes, TIMES_PARTS, type TimesPart } from "@/core/surface/change-times";
import type { ViewOf } from "@/core/views/view";
import { Choice } from "@/kit/choice";
import { type Part, Parts } from "@/kit/parts";
import { DraftField, useBoardDrafts } from "../../prepare/checked-field";
import { useLay } from "../../store/use-board";

type Props = { view: ViewOf<"times">; more?: readonly Part[] };

/** The window of the times grid, and what stands at its edges. */
export function TimesFields({ view: times, more = [] }: Props) {
  const lay = useLay(times);
  const values = Object.fromEntries(
    TIMES_PARTS.map((part) => [part, showNumber(String(times[part]))]),
  ) as Record<TimesPart, string>;
  const drafts = useBoardDrafts(
    times.id,
    values,
    (typed) => changeTimes(times, typed),
    (next) => lay(() => next),
  );
  const field = (part: TimesPart, label: string) => <DraftField label={label} {...drafts.field(part)} />;
  const names = (part: "rowNames" | "columnNames", label: string) => (
    <Choice
      label={label}
      value={times[part]}
      options={[
        { value: "shown", label: "Shown" },
        { value: "covered", label: "Covered" },
        { value: "absent", label: "None" },
      ]}
      onChange={(value) => lay(() => ({ [part]: value }))}
    />
  );
  const grid = (
    <div className="flex flex-col gap-4">
      <div {...drafts.group} className="grid grid-cols-2 gap-3">
        {field("rows", "Rows")}
        {field("columns", "Columns")}
        {field("row", "First row")}
        {field("column", "First column")}
      </div>
      {names("rowNames", "Row numbers")}
      {names("columnNames", "Column numbers")}
      <Choice
        label="Hidden numbers"
        value={times.covers}
        options={[
          { value: "solid", label: "Covered" },
          { value: "empty", label: "Empty squares" },
        ]}
        onChange={(covers) => lay(() => ({ covers }))}
      />
    </div>
  );
  return (
    <Parts label="Parts of the times grid" parts={[{ id: "range", name: "Range", content: grid }, ...more]} />
  );
}
