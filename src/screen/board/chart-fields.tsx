"use client";

import type { ReactNode } from "react";
import { beginFrom } from "@/core/lesson/new-lesson";
import { chartOf, withView } from "@/core/lesson/views-of";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { ChartSettings, gridOf, lastNumber, MOST_COLUMNS, MOST_PLACES } from "@/core/surface/chart";
import { Choice } from "@/kit/choice";
import { ChartGallery } from "./chart-gallery";
import { CheckedField } from "./checked-field";
import { pickBoard, useBoard, useBoardStore } from "./use-board";

type Part = "first" | "difference" | "columns" | "rows" | "last";

/** The numbers of the chart: where it begins, how it goes up, where it ends, and how it is laid out. */
export function ChartFields(): ReactNode {
  const chart = useBoard((state) => chartOf(pickBoard(state)));
  const store = useBoardStore();
  if (!chart) return null;

  const lay = (next: ChartSettings) =>
    store.getState().change((state) => ({ ...state, board: withView(state.board, next) }));
  const values: Record<Part, string> = {
    first: chart.first,
    difference: chart.difference,
    columns: String(chart.columns),
    rows: String(gridOf(chart).rows),
    last: lastNumber(chart),
  };
  const field = (part: Part, label: string, className?: string) => (
    <CheckedField
      label={label}
      numeric
      value={showNumber(values[part])}
      check={(typed) => withPart(chart, part, typed).message}
      onTake={(typed) => {
        const { next } = withPart(chart, part, typed);
        if (next) lay(next);
      }}
      {...(className ? { className } : {})}
    />
  );
  const choice = <P extends "run" | "climb" | "reads" | "covers">(
    part: P,
    label: string,
    options: readonly { value: ChartSettings[P]; label: string }[],
  ) => (
    <Choice
      label={label}
      value={chart[part]}
      options={options}
      onChange={(value) => lay({ ...chart, [part]: value })}
    />
  );
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-3 gap-3">
        {field("first", "First")}
        {field("difference", "Go up in")}
        {field("columns", "In a row")}
        {field("rows", "Rows")}
        {field("last", "Last number", "col-span-2")}
      </div>
      {choice("climb", "Rows climb", [
        { value: "down", label: "Down the page" },
        { value: "up", label: "Up the page" },
      ])}
      {choice("reads", chart.run === "down" ? "Each column reads" : "Each row reads", [
        { value: "one-way", label: chart.run === "down" ? "The same way" : "Left to right" },
        { value: "back-and-forth", label: "Back and forth" },
      ])}
      {choice("run", "Numbers run", [
        { value: "across", label: "Across" },
        { value: "down", label: "Down" },
      ])}
      {choice("covers", "A covered number is", [
        { value: "solid", label: "Under a cover" },
        { value: "empty", label: "An empty place" },
      ])}
      <ChartGallery
        onChoose={(start) =>
          store.getState().change((state) => ({ ...state, board: beginFrom(state.board, start) }))
        }
      />
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
  const changed =
    part === "rows"
      ? { until: { by: "rows", rows: value } }
      : part === "last"
        ? { until: { by: "last", last: value } }
        : { [part]: value };
  const checked = ChartSettings.safeParse({ ...chart, ...changed });
  if (!checked.success && (part === "first" || part === "difference") && chart.until.by === "last") {
    // Numbers that no longer come to the last one go on for as many rows as before: the chart can be turned round.
    const rows = { by: "rows", rows: gridOf(chart).rows };
    const turned = ChartSettings.safeParse({ ...chart, ...changed, until: rows });
    if (turned.success) return { next: turned.data };
  }
  return checked.success ? { next: checked.data } : { message: checked.error.issues[0]!.message };
}
