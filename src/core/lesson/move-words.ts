import { listWords } from "../number/list-words";
import { manyOf } from "../number/many-of";
import { showNumber } from "../number/show-number";
import type { Beat, Move } from "../scene/move";
import type { Numbers } from "../scene/numbers";
import { listNumbers, ruleWords } from "../set/rule-words";
import { cellAt, isCellKey, type Target } from "../surface/cell-key";
import { KINDS } from "../views/kinds";
import { partWords } from "./part-words";

/** Part of the description of a step: a verb, the numbers it is about, anything else, and how often it is repeated. */
type Told = {
  readonly verb: string;
  readonly numbers?: readonly Target[];
  readonly tail?: string;
  readonly times?: number;
};

const about = (verb: string, numbers: Numbers, tail = ""): Told =>
  Array.isArray(numbers) ? { verb, numbers, tail } : { verb: `${verb} ${ruleWords(numbers)}`, tail };
const on = (is: boolean, yes: string, no: string): Told => ({ verb: is ? yes : no });

type Words = { readonly [D in Move["do"]]: (move: Extract<Move, { do: D }>) => Told };

/**
 * Each kind of move in words, in the present tense: "marks 6, 12 and 18 in sun". A kind without words does not compile.
 */
const WORDS: Words = {
  mark: ({ ink, numbers }) => about("marks", numbers, `in ${ink}`),
  unmark: ({ ink, numbers }) => about("takes the mark off", numbers, `in ${ink}`),
  cover: ({ numbers }) => about("covers", numbers),
  lift: ({ numbers }) => about("lifts", numbers),
  "stand-out": ({ numbers }) => about("makes larger", numbers),
  "stand-back": ({ numbers }) => about("makes ordinary again", numbers),
  "lay-counters": ({ numbers }) => about("lays counters on", numbers),
  "take-counters": ({ numbers }) => about("takes the counters off", numbers),
  "drop-rule": ({ rule }) => ({ verb: `no longer marks or covers ${ruleWords(rule)}` }),
  "clear-marks": ({ ink }) => ({ verb: ink === null ? "clears all marks" : `clears the marks in ${ink}` }),
  focus: ({ number }) =>
    number === null ? { verb: "talks about no number" } : { verb: "talks about", numbers: [number] },
  ask: ({ number, as }) =>
    number === null
      ? { verb: "asks nothing" }
      : { verb: as === "place" ? "asks which number belongs at" : "asks where it goes:", numbers: [number] },
  guides: (move) => on(move.on, "names the neighbours", "names no neighbours"),
  write: ({ number, says }) => ({
    verb: number === says ? "writes" : `writes ${showNumber(says)} at`,
    numbers: [number],
  }),
  erase: ({ number }) =>
    number === null ? { verb: "wipes all writing" } : { verb: "wipes", numbers: [number] },
  check: () => ({ verb: "checks what is written" }),
  start: ({ number }) => ({ verb: "starts at", numbers: [number] }),
  jump: ({ by }) => ({ verb: `jumps ${showNumber(by)}` }),
  retrace: () => ({ verb: "takes a jump back" }),
  "clear-trail": () => ({ verb: "clears the jumps" }),
  "cover-jump": ({ part }) => ({ verb: `covers the ${part} of jumps` }),
  "lift-jump": ({ part }) => ({ verb: `shows the ${part} of jumps` }),
  split: ({ into }) => ({ verb: `splits a jump into ${listWords(into.map((by) => showNumber(by)))}` }),
  join: () => ({ verb: "joins two jumps" }),
  lay: ({ arrows }) => ({
    verb: arrows.length === 0 ? "clears the arrows" : `lays ${manyOf(arrows.length, "arrow")}`,
  }),
  look: ({ from, to }) => ({ verb: `looks from ${showNumber(from)} to ${showNumber(to)}` }),
  slide: ({ row, column }) => ({ verb: `slides to row ${row}, column ${column}` }),
  wonder: ({ side }) => ({
    verb:
      side === null
        ? "no longer asks what comes next"
        : `asks what comes next ${side === "right" ? "at the right" : "below"}`,
  }),
  hide: () => ({ verb: "hides a view" }),
  show: () => ({ verb: "shows a view" }),
  set: ({ setting }) => ({
    verb:
      setting.of === "view"
        ? `changes the ${KINDS[setting.is.kind].name.toLowerCase()}`
        : `changes the ${setting.of === "fill" ? "filling" : setting.of}`,
  }),
  draw: () => ({ verb: "draws at random" }),
  "set-aside": ({ ink }) => ({ verb: `sets the jumps aside in ${ink}` }),
  "bring-back": () => ({ verb: "forgets the jumps set aside" }),
  "trail-inks": () => ({ verb: "changes the inks of the jumps" }),
  build: () => ({ verb: "lays pieces" }),
  "say-worth": ({ place }) => ({
    verb: place === null ? "says no digit's worth" : `says what the ${place} digit is worth`,
  }),
  "write-for": ({ says }) => ({ verb: says === null ? "wipes the answer" : `writes ${showNumber(says)}` }),
  pen: () => ({ verb: "draws by hand" }),
  note: ({ note }) => ({ verb: `notes “${note.text.slice(0, 30)}”` }),
  rub: () => ({ verb: "rubs out" }),
  "wipe-pen": () => ({ verb: "wipes all that is drawn" }),
  frame: ({ first, second, moved }) => ({
    verb: `frames: ${first} and ${second}${moved > 0 ? `, ${moved} moved` : ""}`,
  }),
  groups: ({ groups, laid }) => ({
    verb: `${manyOf(groups, "group")}, ${manyOf(laid, "counter")} laid`,
  }),
  arrange: ({ as }) => ({ verb: `arranges the groups as ${as}` }),
  "turn-group": (move) => on(move.on, "turns a group over", "turns a group back"),
  "draw-next": () => ({ verb: "draws the next number" }),
  guess: ({ says }) => ({ verb: `guesses ${says}` }),
  "show-next": () => ({ verb: "shows the next number" }),
  "put-in-order": () => ({ verb: "puts the numbers in order" }),
  "compare-at": ({ place }) => ({ verb: place === null ? "compares by no place" : `compares by ${place}` }),
  "sign-between": ({ sign }) => ({ verb: sign === null ? "takes a sign away" : `puts ${sign} between` }),
  compare: ({ sign }) => ({ verb: sign === null ? "takes the sign away" : `puts ${sign} between` }),
  "cover-part": ({ part, on: is }) => ({ verb: `${is ? "covers" : "shows"} the ${partWords(part)}` }),
  "cover-far": (move) => on(move.on, "covers how far it is", "shows how far it is"),
  "say-rule": ({ rule }) => ({ verb: rule === null ? "clears the sentence" : `says: ${ruleWords(rule)}` }),
  "try-rule": () => ({ verb: "tries the sentence" }),
  hear: ({ sentence }) => ({ verb: `hears “${sentence.slice(0, 30)}”` }),
  unhear: () => ({ verb: "removes a sentence" }),
  "sort-card": ({ card, family }) => ({
    verb:
      family === null
        ? `takes card ${card} out of its family`
        : `sorts card ${card} into family ${family + 1}`,
  }),
  "name-family": ({ family, name }) => ({ verb: `calls family ${family + 1} “${name.slice(0, 30)}”` }),
  "tell-card": ({ card, on: is }) => ({ verb: `${is ? "tells" : "hides"} the rule of card ${card}` }),
  "draw-symmetry": (move) => on(move.on, "draws a symmetry", "takes a symmetry away"),
  work: ({ problem }) => ({ verb: `jumps in problem ${problem + 1}` }),
  answer: ({ problem }) => ({ verb: `answers problem ${problem + 1}` }),
  "work-anew": ({ problem }) => ({ verb: `starts problem ${problem + 1} again` }),
  "work-check": () => ({ verb: "checks the problems" }),
  within: ({ moves }) => ({ verb: `in one view ${momentWords(moves as Move[])}` }),
};

const tell = (move: Move): Told => (WORDS[move.do] as (move: Move) => Told)(move);

/** A number, or a square of a times grid: "row 3, column 4". */
function targetWords(target: Target): string {
  if (!isCellKey(target)) return showNumber(target);
  const { row, column } = cellAt(target);
  return `row ${row}, column ${column}`;
}

function say({ verb, numbers, tail, times = 1 }: Told): string {
  const which = numbers ? ` ${listNumbers(numbers, 8, targetWords)}` : "";
  const often = times > 1 ? `, ${times} times` : "";
  return `${verb}${which}${tail ? ` ${tail}` : ""}${often}`;
}

/** Merges consecutive parts of the same wording: marks 6, marks 12 become "marks 6 and 12". */
function together(all: readonly Told[]): Told[] {
  const said: Told[] = [];
  for (const one of all) {
    const same = said.findIndex(
      ({ verb, tail, numbers }) => verb === one.verb && tail === one.tail && !numbers === !one.numbers,
    );
    if (same < 0) said.push(one);
    else if (one.numbers) said[same] = { ...said[same]!, numbers: [...said[same]!.numbers!, ...one.numbers] };
    else said[same] = { ...said[same]!, times: (said[same]!.times ?? 1) + 1 };
  }
  return said;
}

/** The moves of one beat in words: "marks 6 in sun; jumps 6". */
export const momentWords = (moves: readonly Move[]): string => together(moves.map(tell)).map(say).join("; ");

/** A whole step in words, with similar moves merged: "marks 6, 12 and 18 in sun; covers 24". */
export function stepWords(beats: readonly Beat[]): string {
  const told = together(beats.flat().map(tell));
  // Moves of the count are left out where others remain: a step is recognised by what it marks and covers.
  const main = told.filter(({ verb }) => verb !== "talks about" && verb !== "talks about no number");
  return (main.length > 0 ? main : told).map(say).join("; ");
}
