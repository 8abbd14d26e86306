"use client";

import type { ReactNode } from "react";
import { beginFrom } from "@/core/lesson/new-lesson";
import { showNumber } from "@/core/number/show-number";
import { type ChartPart, changeChart } from "@/core/surface/change-chart";
import { type ChartSettings, gridOf, lastNumber } from "@/core/surface/chart";
import type { ViewOf } from "@/core/views/view";
import { Choice } from "@/kit/choice";
import { type Part, Parts } from "@/kit/parts";
import { DraftField, useBoardDrafts } from "../../prepare/checked-field";
import { useBoardStore, useLay } from "../../store/use-board";
import { ChartGallery } from "./gallery";

type Props = { view: ViewOf<"chart">; more?: readonly Part[] };

/** The numbers of the chart: where it begins, how it goes up, where it ends, and how it is laid out. */
export function ChartFields({ view: chart, more = [] }: Props): ReactNode {
  const store = useBoardStore();
  const lay = useLay(chart);
  const values: Record<ChartPart, string> = {
    first: showNumber(chart.first),
    difference: showNumber(chart.difference),
    columns: String(chart.columns),
    rows: showNumber(String(gridOf(chart).rows)),
    last: showNumber(lastNumber(chart)),
  };
  const drafts = useBoardDrafts(
    chart.id,
    values,
    (typed) => changeChart(chart, typed),
    (next) => lay(() => next),
  );
  const field = (part: ChartPart, label: string, className?: string) => (
    <DraftField label={label} className={className} {...drafts.field(part)} />
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
      onChange={(value) => lay(() => ({ [part]: value }))}
    />
  );
  const range = (
    <div {...drafts.group} className="grid grid-cols-3 gap-3">
      {field("first", "First")}
      {field("difference", "Go up in")}
      {field("columns", "In each row")}
      {field("rows", "Rows")}
      {field("last", "Last number", "col-span-2")}
    </div>
  );
  const layout = (
    <>
      {choice("climb", "Rows go", [
        { value: "down", label: "Down the page" },
        { value: "up", label: "Up the page" },
      ])}
      {choice("reads", chart.run === "down" ? "Each column reads" : "Each row reads", [
        { value: "one-way", label: chart.run === "down" ? "The same way" : "Left to right" },
        { value: "back-and-forth", label: "Back and forth" },
      ])}
      {choice("run", "Numbers go", [
        { value: "across", label: "Across" },
        { value: "down", label: "Down" },
      ])}
      {choice("covers", "Hidden numbers", [
        { value: "solid", label: "Covered" },
        { value: "empty", label: "Empty squares" },
      ])}
    </>
  );
  const gallery = (
    <ChartGallery
      onChoose={(start) =>
        store
          .getState()
          .change((state) => ({ ...state, board: beginFrom(state.board, { ...start, id: chart.id }) }))
      }
    />
  );
  return (
    <Parts
      label="Parts of the chart"
      parts={[
        { id: "range", name: "Range", content: range },
        { id: "layout", name: "Layout", content: layout },
        ...more,
        { id: "start", name: "Start from", content: gallery },
      ]}
    />
  );
}
