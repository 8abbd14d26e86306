import { type ChartSettings, HUNDRED_CHART, plainChart } from "./chart";

const rows = (first: string, columns: number, count: number, difference = "1"): ChartSettings =>
  plainChart(first, difference, columns, { by: "rows", rows: count });

/** Charts that a lesson can begin from. The blank one opens with every number covered, as empty cells. */
export const STARTING_CHARTS = [
  { id: "1-100", name: "1 to 100", chart: HUNDRED_CHART },
  { id: "0-99", name: "0 to 99", chart: rows("0", 10, 10) },
  { id: "1-120", name: "1 to 120", chart: rows("1", 10, 12) },
  { id: "1-24", name: "1 to 24, in sixes", chart: rows("1", 6, 4) },
  { id: "1-50", name: "1 to 50", chart: rows("1", 10, 5) },
  { id: "101-200", name: "101 to 200", chart: rows("101", 10, 10) },
  {
    id: "0-1000",
    name: "0 to 1,000 in tens",
    chart: plainChart("0", "10", 10, { by: "last", last: "1000" }),
  },
  { id: "-50-49", name: "−50 to 49", chart: rows("-50", 10, 10) },
  { id: "tenths", name: "Tenths to 10", chart: rows("0.1", 10, 10, "0.1") },
  { id: "blank", name: "Blank, 10 × 10", chart: { ...rows("1", 10, 10), covers: "empty" as const } },
] as const satisfies readonly { id: string; name: string; chart: ChartSettings }[];

/** The starting chart with an id; 1 to 100 if there is none. */
export function startingChart(id: string): ChartSettings {
  return (STARTING_CHARTS.find((start) => start.id === id) ?? STARTING_CHARTS[0]).chart;
}
