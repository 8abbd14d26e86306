import { MAX_TIMES } from "../../surface/cell-key";
import { clampWindow, NEW_TIMES, TimesSettings, windowCells } from "../../surface/times-grid";
import type { ViewKind } from "../kind";

export const times: ViewKind<TimesSettings> = {
  kind: "times",
  schema: TimesSettings,
  starts: NEW_TIMES,
  name: "Times grid",
  surface: "Times grid",
  fields: [],
  says: ({ rows, columns }) => `${rows} by ${columns}`,
  stands: () => true,
  // Every whole number above 0 lives in a times grid, in its first row if nowhere else.
  holds: (_, number) => /^[1-9]\d*$/.test(number) && Number(number) <= MAX_TIMES,
  lists: (settings, { window }) => windowCells(settings, clampWindow(settings, window ?? settings)),
  pins: () => [],
};
