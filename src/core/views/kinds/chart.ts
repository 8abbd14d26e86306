import { showNumber } from "../../number/show-number";
import { ChartSettings, cellOf, chartNumbers, HUNDRED_CHART, lastNumber } from "../../surface/chart";
import type { ViewKind } from "../kind";

export const chart: ViewKind<ChartSettings> = {
  kind: "chart",
  schema: ChartSettings,
  starts: HUNDRED_CHART,
  name: "Chart",
  surface: "Chart",
  fields: [],
  says: (settings) => `${showNumber(settings.first)} to ${showNumber(lastNumber(settings))}`,
  stands: () => true,
  holds: (settings, number) => cellOf(settings, number) !== null,
  lists: (settings) => chartNumbers(settings),
  pins: () => [],
};
