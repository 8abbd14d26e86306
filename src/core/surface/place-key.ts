import * as z from "zod/mini";
import type { NumberKey } from "../number/exact";
import { NumberKeyText } from "../number/number-schema";

/** Rows and columns of a times grid are counted up to here; its largest number has 13 digits. */
export const MOST_TIMES = 1_000_000;

/** A place of a times grid by its row and column, `r3c8`: one of the places where 24 lives. */
export type PlaceKey = `r${number}c${number}`;

/** What a move is about: a number wherever it lives, or one place of a times grid. */
export type Target = NumberKey | PlaceKey;

const PLACE_KEY = /^r([1-9]\d{0,6})c([1-9]\d{0,6})$/;

export const placeKey = (row: number, column: number): PlaceKey => `r${row}c${column}`;

/** Whether a target is a place; a number never begins with a letter. */
export const isPlaceKey = (target: Target): target is PlaceKey => target.startsWith("r");

/** The row and column of a place. */
export function placeAt(key: PlaceKey): { row: number; column: number } {
  const c = key.indexOf("c");
  return { row: Number(key.slice(1, c)), column: Number(key.slice(c + 1)) };
}

/** The number of a target: its product for a place, itself for a number. Exact: at most 10¹² is met. */
export function numberOf(target: Target): NumberKey {
  if (!isPlaceKey(target)) return target;
  const { row, column } = placeAt(target);
  return String(row * column);
}

const PlaceKeyText = z.string().check(
  z.regex(PLACE_KEY),
  z.refine((text) => {
    const { row, column } = placeAt(text as PlaceKey);
    return row <= MOST_TIMES && column <= MOST_TIMES;
  }, "A times grid has rows and columns up to 1,000,000."),
);

/** A target as a lesson keeps it. */
export const TargetText = z.union([PlaceKeyText, NumberKeyText]);
