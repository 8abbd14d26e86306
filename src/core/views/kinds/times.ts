import { MOST_TIMES } from "../../surface/place-key";
import { clampWindow, NEW_TIMES, TimesSettings, windowPlaces } from "../../surface/times-grid";
import type { ViewKind } from "../kind";

export const times: ViewKind<TimesSettings> = {
  kind: "times",
  schema: TimesSettings,
  starts: NEW_TIMES,
  name: "Times grid",
  surface: "Times grid",
  says: ({ rows, columns }) => `${rows} by ${columns}`,
  stands: () => true,
  // Every whole number above 0 lives in a times grid, in its first row if nowhere else.
  holds: (_, number) => /^[1-9]\d*$/.test(number) && Number(number) <= MOST_TIMES,
  lists: (settings, { window }) => windowPlaces(settings, clampWindow(settings, window ?? settings)),
  pins: () => [],
};
