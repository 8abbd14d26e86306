import { seedOf } from "../puzzle/draw";
import { schema } from "../schema";
import * as z from "../zod";
import type { Board } from "./board";
import { FORMAT, MAX, VERSION } from "./bounds";
import { faultWords } from "./fault-words";
import { Lesson } from "./lesson";

export type LessonRead = { ok: true; lesson: Lesson } | { ok: false; message: string };

/** Boards that were checked before, by their JSON text. */
export type KnownBoards = { has: (text: string) => boolean; add: (text: string) => void };

type Document = Record<string, unknown>;

/** How a document of each older version becomes one of the next: the entry for 1 makes a version 2 of a version 1. */
export type Upgrades = Readonly<Record<number, (older: Document) => Document>>;
const UPGRADES: Upgrades = {
  1: fromFirstVersion,
  2: fromSecondVersion,
  3: fromThirdVersion,
  4: fromFourthVersion,
};

/**
 * In version 1 a chart had rows, ran across and down the page, and its covers were solid; boards had no seed,
 * nothing was filled, and a count knew its size, start, way and pace only. */
function fromFirstVersion(older: Document): Document {
  const view = (one: Document) =>
    one.kind === "chart" ? chart(one) : one.kind === "trail" ? { words: "off", ...one } : one;
  const chart = ({ rows, ...rest }: Document): Document => ({
    ...rest,
    until: { by: "rows", rows },
    run: "across",
    climb: "down",
    reads: "one-way",
    covers: "solid",
  });
  const seeded = (board: Document) => ({
    seed: seedOf(typeof board.id === "string" ? board.id : ""),
    fill: { by: "keypad", check: "at-once", hints: true, goal: 10 },
    ...board,
    count: {
      pauses: [],
      silent: false,
      marks: false,
      voice: false,
      watch: true,
      ...(isDocument(board.count) ? board.count : {}),
    },
  });
  return each(older, "boards", (board) => each(seeded(board), "views", view));
}

/** In version 2 a board had a main view, and the panel that reads the count at its side. */
function fromSecondVersion(older: Document): Document {
  return each(older, "boards", (board) => ({ layout: { run: "beside", share: 0.74 }, ...board }));
}

/**
 * In version 3 a board had one view of a kind at most, and what was about a view named its kind: the kinds become the
 * names. Moves about a times grid, problems or a comparison named no view.
 */
function fromThirdVersion(older: Document): Document {
  const step = (one: Document) => ({
    ...one,
    ...(Array.isArray(one.beats)
      ? { beats: one.beats.map((beat) => (Array.isArray(beat) ? beat.map(namingView) : beat)) }
      : {}),
  });
  const board = (one: Document) => {
    const named = each(one, "views", (view) => ({ id: view.kind, ...view }));
    return each(each(named, "opening", namingView), "stair", step);
  };
  return each(each(older, "boards", board), "removed", board);
}

/** The view that each kind of move of version 3 is about. */
const VIEW_OF: Readonly<Record<string, string>> = {
  slide: "times",
  wonder: "times",
  compare: "compare",
  work: "problems",
  answer: "problems",
  "work-anew": "problems",
  "work-check": "problems",
  "cover-far": "pairs",
};

/** Names the view that a move of version 3 is about; anything that is not a move is left as it is. */
function namingView<T>(move: T): T | Document {
  if (!isDocument(move)) return move;
  const view = typeof move.do === "string" && Object.hasOwn(VIEW_OF, move.do) ? VIEW_OF[move.do] : undefined;
  if (view !== undefined) return { view, ...move };
  const { setting } = move;
  if (move.do !== "set" || !isDocument(setting) || !isDocument(setting.is)) return move;
  const { of, is } = setting;
  if (of !== "times" && of !== "arrows" && of !== "pairs") return move;
  return { ...move, setting: { of: "view", is: { id: of, ...is } } };
}

/** In version 4 a lesson had no sheets. */
function fromFourthVersion(older: Document): Document {
  return older;
}

const isDocument = (one: unknown): one is Document => typeof one === "object" && one !== null;

/** Changes every object in one list of a document; other values are left as they are. */
function each(document: Document, field: string, change: (one: Document) => Document): Document {
  const list = document[field];
  if (!Array.isArray(list)) return document;
  return { ...document, [field]: list.map((one: unknown) => (isDocument(one) ? change(one) : one)) };
}

const Envelope = schema((z) =>
  z.looseObject({ format: z.literal(FORMAT), version: z.int().check(z.minimum(1)) }),
);

/** Brings a document up to `version`, one version at a time. Throws when a version between has no upgrade. */
export function upgrade(
  document: Document & { version: number },
  version: number,
  upgrades: Upgrades,
): Document {
  let current: Document = document;
  for (let from = document.version; from < version; from += 1) {
    const next = upgrades[from];
    if (!next) throw new Error(`No upgrade from lesson version ${from}.`);
    current = { ...next(current), version: from + 1 };
  }
  return current;
}

/**
 * Reads a lesson from anything: a parsed file, a request, a row of the database. Older versions are brought up to
 * date; what is not a lesson is refused with a message that says where it goes wrong.
 * @param known boards that need no check; those that are checked and found as they should be written are added to them
 */
export function readLesson(value: unknown, known?: KnownBoards): LessonRead {
  try {
    return readDocument(value, known);
  } catch {
    // Nothing of an unreadable document gets further than here.
    return { ok: false, message: "This lesson is damaged and cannot be read." };
  }
}

function readDocument(value: unknown, known?: KnownBoards): LessonRead {
  const envelope = Envelope(z).safeParse(value);
  if (!envelope.success) return { ok: false, message: "This is not a Yellow Stair lesson." };
  if (envelope.data.version > VERSION) {
    return {
      ok: false,
      message: "This lesson was made by a newer Yellow Stair. Update this one to open it.",
    };
  }
  const upgraded = upgrade(envelope.data, VERSION, UPGRADES);
  const quick = known && readUnknown(upgraded, known);
  if (quick) return { ok: true, lesson: quick };
  const parsed = Lesson(z).safeParse(upgraded);
  if (parsed.success) return { ok: true, lesson: parsed.data };
  return {
    ok: false,
    message: `This lesson cannot be read. ${faultWords(upgraded, parsed.error.issues[0]!)}`,
  };
}

/**
 * Checks only the boards that are not known, and everything beside the boards. Null if something is wrong: the check of
 * the whole lesson then says where.
 */
function readUnknown(document: Document, known: KnownBoards): Lesson | null {
  const boards: unknown = document.boards;
  if (!Array.isArray(boards) || boards.length === 0 || boards.length > MAX.boards) return null;
  const all = boards.map((board: unknown) => {
    const text = JSON.stringify(board);
    return { board, text, known: known.has(text) };
  });
  const unknown = all.filter((one) => !one.known);
  // A lesson needs at least one board: if all are known, the first is checked again.
  const asked = unknown.length > 0 ? unknown : all.slice(0, 1);
  const parsed = Lesson(z).safeParse({ ...document, boards: asked.map(({ board }) => board) });
  if (!parsed.success) return null;
  const checked = new Map(asked.map((one, i) => [one, parsed.data.boards[i]!]));
  for (const [{ text }, board] of checked) if (JSON.stringify(board) === text) known.add(text);
  return { ...parsed.data, boards: all.map((one) => checked.get(one) ?? (one.board as Board)) };
}
