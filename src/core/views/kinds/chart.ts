import { showNumber } from "../../number/show-number";
import { ChartSettings, chartNumbers, HUNDRED_CHART, lastNumber, placeOf } from "../../surface/chart";
import type { ViewKind } from "../kind";

export const chart: ViewKind<ChartSettings> = {
  kind: "chart",
  schema: ChartSettings,
  starts: HUNDRED_CHART,
  name: "Chart",
  surface: "Chart",
  says: (settings) => `${showNumber(settings.first)} to ${showNumber(lastNumber(settings))}`,
  stands: () => true,
  holds: (settings, number) => placeOf(settings, number) !== null,
  lists: (settings) => chartNumbers(settings),
  pins: () => [],
};
