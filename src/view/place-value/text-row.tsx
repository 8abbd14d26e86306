import type { NumberKey } from "@/core/number/exact";
import { expandedForm } from "@/core/number/pieces";
import type { Pieces, Place } from "@/core/number/place-value";
import { grown, type Theme } from "../drawing";
import { Touchable } from "../touchable";
import { placeStyle } from "./place-style";

type Term = { place: Place; text: string };

/** The terms of a number's expanded form, place by place. */
export const termsOf = (pieces: readonly Pieces[], write: (number: NumberKey) => string): Term[] =>
  expandedForm(pieces).map(({ place, worth }) => ({ place, text: write(worth) }));

export const lengthOf = (terms: readonly Term[]) =>
  terms.reduce((sum, { text }) => sum + text.length + 3, -3);

/** About how many letters a number has in words: their text comes later than their room. */
export const lengthInWords = (pieces: readonly Pieces[]) =>
  12 * Math.max(1, pieces.filter(({ place, count }) => count > 0 || place < 0).length);

/** The height of two lines, in text sizes, including descenders. */
const TWO_LINES = 2.95;
/** The width of a letter or digit, in text sizes. */
const LETTER = 0.53;

/**
 * The layout of a text with a number of letters: smaller if it is long, and two lines high if it would be too small in
 * one.
 */
export function rowFor(
  letters: number,
  height: number,
  width: number,
  theme: Theme,
): { height: number; size: number } {
  const size = height * 0.62;
  const inOne = (width - 40) / (letters * LETTER);
  if (inOne >= Math.min(size, grown(theme, 22))) return { height, size: Math.min(size, inOne) };
  const inTwo = Math.min(size, inOne * 1.8);
  return { height: Math.max(height, inTwo * TWO_LINES + 4), size: inTwo };
}

type RowProps = {
  name: string;
  height: number;
  size: number;
  covered: boolean;
  onTouch: (() => void) | undefined;
  children: React.ReactNode;
};

/** The number once more, in a row under its digits. */
export function Row({ name, height, size, covered, onTouch, children }: RowProps) {
  return (
    <Touchable
      name={covered ? `${name}, covered` : name}
      onTouch={onTouch}
      data-part={name === "Words" ? "in-words" : "expanded"}
      className={`mt-1 flex max-w-full shrink-0 flex-wrap items-center justify-center rounded-button px-4 text-center font-numeral leading-tight ${covered ? "w-72 bg-cover" : ""}`}
      style={{ height: height - 4, fontSize: size }}
    >
      {covered ? "" : children}
    </Touchable>
  );
}

/** 200 + 60 + 4, each in the colour of its place; what is still to be exchanged as it lies: 200 + 90 + 10. */
export function Expanded({ terms }: { terms: readonly Term[] }) {
  return terms.map(({ place, text }, i) => (
    <span key={place} className="whitespace-pre">
      {i > 0 && " + "}
      <span style={{ color: placeStyle(place).text }}>{text}</span>
    </span>
  ));
}
