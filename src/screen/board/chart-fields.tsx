"use client";

import type { ReactNode } from "react";
import { chartOf, withView } from "@/core/lesson/views-of";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { ChartSettings, lastNumber, MOST_COLUMNS, MOST_PLACES } from "@/core/surface/chart";
import { STARTING_CHARTS } from "@/core/surface/starting-charts";
import { Button } from "@/kit/button";
import { CheckedField } from "./checked-field";
import { pickBoard, useBoard, useBoardStore } from "./use-board";

type Part = "first" | "difference" | "columns" | "rows";

/** The numbers of the chart: where it begins, how it goes up, and how it is laid in rows. */
export function ChartFields(): ReactNode {
  const chart = useBoard((state) => chartOf(pickBoard(state)));
  const store = useBoardStore();
  if (!chart) return null;

  const lay = (next: ChartSettings) =>
    store.getState().change((state) => ({ ...state, board: withView(state.board, next) }));
  const field = (part: Part, label: string) => (
    <CheckedField
      label={label}
      numeric
      value={String(chart[part])}
      check={(typed) => withPart(chart, part, typed).message}
      onTake={(typed) => {
        const { next } = withPart(chart, part, typed);
        if (next) lay(next);
      }}
    />
  );
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-3 gap-3">
        {field("first", "First")}
        {field("difference", "Go up in")}
        {field("columns", "In a row")}
        {field("rows", "Rows")}
        <div className="col-span-2">
          <p id="last-number" className="mb-1.5 text-sm font-semibold">
            Last number
          </p>
          <output
            aria-labelledby="last-number"
            className="flex h-11 items-center rounded-button bg-wall px-4 font-semibold text-ink"
          >
            {showNumber(lastNumber(chart))}
          </output>
        </div>
      </div>
      <div>
        <p id="starting-charts" className="mb-1.5 text-sm font-semibold">
          Or one of these
        </p>
        {/* biome-ignore lint/a11y/useSemanticElements: four buttons are no form group. */}
        <div role="group" aria-labelledby="starting-charts" className="grid grid-cols-2 gap-2">
          {STARTING_CHARTS.map((start) => (
            <Button key={start.id} onClick={() => lay(start.chart)} className="px-2">
              {start.name}
            </Button>
          ))}
        </div>
      </div>
    </div>
  );
}

/** The chart with one part as typed, or the message that says why not. */
function withPart(
  chart: ChartSettings,
  part: Part,
  typed: string,
): { next?: ChartSettings; message?: string } {
  const read =
    part === "columns"
      ? readWhole(typed, 1, MOST_COLUMNS)
      : part === "rows"
        ? readWhole(typed, 1, MOST_PLACES)
        : readNumber(typed);
  if (!read.ok) return { message: read.message };
  const value = "text" in read ? read.text : read.value;
  const checked = ChartSettings.safeParse({ ...chart, [part]: value });
  return checked.success ? { next: checked.data } : { message: checked.error.issues[0]!.message };
}
