import { PLACE_KEYS, type PlaceKey } from "../number/place-value";
import type { PartName, StopPart } from "../scene/slices/parts";

type Named = Exclude<PartName, PlaceKey | StopPart>;

const NAMES: Readonly<Record<Named, string>> = {
  pieces: "pieces",
  digits: "digits",
  expanded: "expanded form",
  words: "words",
  wanting: "pieces still needed",
  first: "first part",
  second: "second part",
  whole: "whole",
  writing: "lines beside the frames",
  deciding: "place that decides",
  size: "size of the groups",
  "in-all": "number in all",
  "time-words": "time in words",
  "time-digits": "time in digits",
  points: "points",
  labels: "labels",
  "half-later": "time half an hour later",
  "hour-later": "time an hour later",
};

const isPlace = (part: PartName): part is PlaceKey => (PLACE_KEYS as readonly string[]).includes(part);
const isAtStop = (part: PartName): part is StopPart => /-\d$/.test(part);

/** A part of a view in words: "tens digit", "exchange at stop 2". */
export function partWords(part: PartName): string {
  if (isPlace(part)) return `${part} digit`;
  if (!isAtStop(part)) return NAMES[part];
  const [what, stop] = part.split("-");
  return `${what} at stop ${stop}`;
}
