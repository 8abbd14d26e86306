import { expect, test } from "vitest";
import { KINDS } from "../views/kinds";
import { isPartCovered } from "./covered-part";
import { fold } from "./fold";
import type { Move } from "./move";
import { EMPTY_SCENE } from "./scene";
import type { PartName } from "./slices/parts";

const view = { ...KINDS["place-value"].starts, id: "place-value", words: "covered" as const };
const cover = (part: PartName, on: boolean, of = "place-value"): Move => ({
  do: "cover-part",
  view: of,
  part,
  on,
});
const covered = (moves: Move[], parts: PartName[]) => {
  const scene = fold(EMPTY_SCENE, moves);
  return parts.filter((part) => isPartCovered(scene, view, part));
};
const ALL: PartName[] = ["pieces", "digits", "words", "ones", "tens"];

test("a part is covered from the start, or by hand, each for itself", () => {
  expect(covered([], ALL)).toEqual(["words"]);
  expect(covered([cover("pieces", true), cover("words", false)], ALL)).toEqual(["pieces"]);
  expect(covered([cover("pieces", true, "another")], ALL)).toEqual(["words"]);
});

test("a digit is covered with the digits, or for itself: counting in tens with the ones covered", () => {
  expect(covered([cover("ones", true)], ALL)).toEqual(["words", "ones"]);
  expect(covered([cover("digits", true)], ALL)).toEqual(["digits", "words", "ones", "tens"]);
  expect(covered([cover("digits", true), cover("tens", false)], ALL)).toEqual(["digits", "words", "ones"]);
});
