import type { Arrow } from "../count/route";
import type { NumberKey } from "../number/exact";
import type { ChartSettings } from "../surface/chart";
import { routeOf } from "../surface/route";
import { pick, type Random } from "./draw";

const card = (text: string): Arrow[] =>
  [...text].map((sign) => ({ l: "left", r: "right", u: "up", d: "down" })[sign] as Arrow);

/** The set of arrow cards, from one arrow to six. */
export const ARROW_CARDS: readonly (readonly Arrow[])[] = [
  "r",
  "l",
  "d",
  "u",
  "rr",
  "ll",
  "dd",
  "uu",
  "dr",
  "ul",
  "ur",
  "dl",
  "ddr",
  "uurr",
  "dll",
  "urr",
  "dddll",
  "uuurr",
  "ddrrr",
  "uull",
  "drdr",
  "ulul",
  "dddrrr",
  "uuulll",
].map(card);

/** The cards whose arrows stay on the chart from a number. */
export function cardsFrom(chart: ChartSettings, start: NumberKey): readonly (readonly Arrow[])[] {
  return ARROW_CARDS.filter((arrows) => routeOf(chart, start, arrows).length === arrows.length);
}

/** A random card of those that stay on the chart; null if there is none. */
export function drawCard(chart: ChartSettings, start: NumberKey, random: Random): readonly Arrow[] | null {
  return pick(cardsFrom(chart, start), 1, random)[0] ?? null;
}
