import { manyOf } from "@/core/number/many-of";
import type { ShelfPart } from "./shelf-part";

/** A lesson as the shelf shows it. One that cannot be read keeps its place, with the reason. */
export type ShelfLesson = ShelfPart["lessons"][number];

/** How many boards a lesson has, in words. */
export const boardsOf = (count: number): string => manyOf(count, "board");

/** Number of lessons in the page, and number requested at a time. */
export const AT_A_TIME = 24;
