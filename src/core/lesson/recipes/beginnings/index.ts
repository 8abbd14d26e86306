import { chart } from "./chart";
import { chartAndLine } from "./chart-and-line";
import { line } from "./line";
import { strip } from "./strip";
import { timesGrid } from "./times-grid";
import { twoCharts } from "./two-charts";

/** Starting boards: views with one's own numbers, and no stair yet. */
export const BEGINNINGS = {
  chart,
  "times-grid": timesGrid,
  line,
  strip,
  "chart-and-line": chartAndLine,
  "two-charts": twoCharts,
} as const;
