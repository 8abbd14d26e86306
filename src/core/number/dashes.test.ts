import { expect, test } from "vitest";
import { readSentence } from "../count/read-sentence";
import { readRule } from "../set/read-rule";
import { readNumber } from "./read-number";

/** By their names in the Unicode standard. */
const DASHES = {
  "hyphen-minus": "\u002d",
  hyphen: "\u2010",
  "non-breaking hyphen": "\u2011",
  "figure dash": "\u2012",
  "en dash": "\u2013",
  "em dash": "\u2014",
  "minus sign": "\u2212",
  "small hyphen-minus": "\ufe63",
  "fullwidth hyphen-minus": "\uff0d",
};

test.each(Object.entries(DASHES))("a minus is read however it is typed: %s", (_, dash) => {
  expect(readNumber(`${dash}3`)).toMatchObject({ ok: true, text: "-3" });
  expect(readSentence(`8 ${dash} 3`, "one")).toMatchObject({ ok: true, start: "8", jumps: ["-3"] });
  expect(readRule(`less than ${dash}3`)).toEqual(readRule("less than -3"));
  expect(readRule(`less than ${dash}3`)).not.toBeNull();
});
