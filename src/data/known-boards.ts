import { createHash } from "node:crypto";
import type { KnownBoards } from "../core/lesson/read-lesson";

/** About 2 MB of them. */
const MAX = 20_000;

const known = new Set<string>();
const printOf = (text: string) => createHash("sha256").update(text).digest("base64");

/**
 * The boards that this server has checked since it started: a lesson is saved after every change, and all of its boards
 * but one are the same as in the save before.
 */
export const knownBoards: KnownBoards = {
  has: (text) => known.has(printOf(text)),
  add: (text) => {
    if (known.size >= MAX) known.clear();
    known.add(printOf(text));
  },
};
