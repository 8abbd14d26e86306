import type { ChartSettings } from "./chart";

const chart = (first: string, columns: number, rows: number): ChartSettings => ({
  kind: "chart",
  first,
  difference: "1",
  columns,
  rows,
});

/** Charts that a lesson can begin from. */
export const STARTING_CHARTS = [
  { id: "1-100", name: "1 to 100", chart: chart("1", 10, 10) },
  { id: "0-99", name: "0 to 99", chart: chart("0", 10, 10) },
  { id: "1-120", name: "1 to 120", chart: chart("1", 10, 12) },
  { id: "1-20", name: "1 to 20", chart: chart("1", 5, 4) },
] as const;

export type StartingChartId = (typeof STARTING_CHARTS)[number]["id"];

/** A starting chart by its id; 1 to 100 when there is none of that id. */
export function startingChart(id: string): ChartSettings {
  return (STARTING_CHARTS.find((start) => start.id === id) ?? STARTING_CHARTS[0]).chart;
}
