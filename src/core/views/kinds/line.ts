import { exact, keyOf, type NumberKey } from "../../number/exact";
import { showNumber } from "../../number/show-number";
import { type AnyLine, LineSettings, lineAs, lineHolds, plainLine, StripSettings } from "../../surface/line";
import { scaleOf, spanOf, tickAt, ticksIn } from "../../surface/line-scale";
import type { Seen, ViewKind } from "../kind";

/** Maximum number of a line's numbers that are listed. */
const MAX_LISTED = 2000;

/** The numbers at the ticks of a line, as far as it is seen. */
function ticks(line: AnyLine, { look }: Seen): NumberKey[] {
  const span = spanOf(line, look);
  const scale = scaleOf(line, span);
  const { first, last } = ticksIn(span, scale);
  const count = Math.max(0, Math.min(MAX_LISTED, Number(last - first) + 1));
  return Array.from({ length: count }, (_, i) => keyOf(tickAt(scale, first + BigInt(i))));
}

const ofLines = {
  fields: [],
  says: ({ from, to }: AnyLine) => `${showNumber(from)} to ${showNumber(to)}`,
  stands: () => true,
  holds: (line: AnyLine, number: NumberKey) => lineHolds(line, exact(number)),
  lists: ticks,
  pins: () => [],
};

export const line: ViewKind<LineSettings> = {
  ...ofLines,
  kind: "line",
  schema: LineSettings,
  starts: plainLine("0", "100", "10", 10),
  name: "Number line",
  surface: "Line",
};

export const strip: ViewKind<StripSettings> = {
  ...ofLines,
  kind: "strip",
  schema: StripSettings,
  starts: lineAs(plainLine("0", "20", "1"), "strip") as StripSettings,
  name: "Number strip",
  surface: "Strip",
};
