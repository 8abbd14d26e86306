import type { Arrow } from "../count/route";
import {
  coverJumps,
  joinJumps,
  jumpBack,
  jumpOn,
  MOST_JUMPS,
  splitJump,
  startTrail,
  type Trail,
} from "../count/trail";
import type { Compared } from "../number/compared";
import type { NumberKey } from "../number/exact";
import { numberOf, type Target } from "../surface/place-key";
import type { WindowAt } from "../surface/times-grid";
import { type Aside, setAside } from "./aside";
import { INKS, type InkSet } from "./ink";
import {
  clearLayer,
  dropRule,
  type Laid,
  type LaidDraft,
  layersOn,
  layRule,
  NOTHING_LAID,
  touchNumbers,
} from "./laid";
import { hasLayer, inksOfLayers, type Layer } from "./layer";
import type { Move, Numbers } from "./move";
import { MOST_STROKES, type Note, type Stroke } from "./pen";
import type { PlacedKind } from "./placed";
import type { SceneSettings } from "./setting";

/** What a board shows at one moment. Everything in it belongs to numbers, not to a picture of them. */
export type Scene = {
  readonly laid: Laid;
  /** What was written by hand, by the number in whose place it stands. */
  readonly written: ReadonlyMap<Target, NumberKey>;
  /** What was written has been checked, and what does not belong is shown. */
  readonly checked: boolean;
  /** What the class looks for: the place of a number, or the number of a place. */
  readonly asked: Asked | null;
  readonly focus: Target | null;
  readonly trail: Trail | null;
  /** A trail that stands beside it, to be compared. */
  readonly aside: Aside | null;
  /** The part of a line that is seen, where it is no longer the whole of it. */
  readonly looks: Looks;
  /** Views that are hidden for now. */
  readonly hidden: readonly PlacedKind[];
  /** What was done to each of several problems, by its index; and whether their answers were checked. */
  readonly work: ReadonlyMap<number, Work>;
  readonly workChecked: boolean;
  /** What is drawn and noted over the views, in the order in which it was. */
  readonly strokes: readonly Stroke[];
  readonly notes: readonly Note[];
  /** The sign that was chosen between two numbers. */
  readonly sign: Compared | null;
  /** The window of a times grid; null where it is still as the board has it. */
  readonly window: WindowAt | null;
  /** On which side of a times grid the class wonders what comes next. */
  readonly wonder: "right" | "below" | null;
  /** The arrow tiles that lie in a row. */
  readonly tiles: readonly Arrow[];
  readonly guides: boolean;
  /** A silent count walks: the number in focus is hidden. No move says so, since it ends with the count. */
  readonly hushed: boolean;
  /** How often chance was asked so far. */
  readonly draws: number;
  /** How far it is to the next ten is covered. */
  readonly farCovered: boolean;
  /** What the board was set to since it opened. */
  readonly settings: SceneSettings;
};

export type Looks = {
  readonly [view in "line" | "strip"]?: { readonly from: NumberKey; readonly to: NumberKey };
};
const NO_LOOKS: Looks = {};

/** The jumps on the line of a problem, and the answer in its blank. */
export type Work = { readonly jumps: readonly NumberKey[]; readonly says: NumberKey | null };
const NO_WORK: Work = { jumps: [], says: null };
const MOST_WORK = 100;

export type Asked = { readonly number: Target; readonly as: "number" | "place" };

export const EMPTY_SCENE: Scene = {
  laid: NOTHING_LAID,
  written: new Map(),
  checked: false,
  asked: null,
  focus: null,
  trail: null,
  aside: null,
  looks: NO_LOOKS,
  hidden: [],
  work: new Map(),
  workChecked: false,
  strokes: [],
  notes: [],
  sign: null,
  window: null,
  wonder: null,
  tiles: [],
  guides: false,
  hushed: false,
  draws: 0,
  farCovered: false,
  settings: {},
};

/** The inks that a number carries. */
export const inksAt = (scene: Scene, number: Target): InkSet => inksOfLayers(layersOn(scene.laid, number));

/** Whether a number is covered, or hidden while a silent count stands on it. */
export const isCoveredAt = (scene: Scene, number: Target): boolean =>
  hasLayer(layersOn(scene.laid, number), "cover") || (scene.hushed && scene.focus === number);

/** The numbers, or places, among these that have a layer. */
export function numbersWith<T extends Target>(scene: Scene, layer: Layer, numbers: readonly T[]): T[] {
  return numbers.filter((number) => hasLayer(layersOn(scene.laid, number), layer));
}

/** The numbers, or places, among these that carry a mark. */
export function markedAmong<T extends Target>(scene: Scene, numbers: readonly T[]): T[] {
  return numbers.filter((number) => inksAt(scene, number) !== 0);
}

/**
 * Folds moves into a scene, in order. The scene given is not changed. Folding one move fewer takes that move back,
 * whatever it did. Takes time in proportion to the numbers that the moves name.
 */
export function fold(scene: Scene, moves: Iterable<Move>): Scene {
  const laid: LaidDraft = { rules: scene.laid.rules, touched: new Map(scene.laid.touched) };
  const draft: Draft = { ...scene, laid, written: new Map(scene.written) };
  for (const move of moves) apply(draft, move);
  return draft;
}

type Draft = {
  laid: LaidDraft;
  written: Map<Target, NumberKey>;
  checked: boolean;
  asked: Asked | null;
  focus: Target | null;
  trail: Trail | null;
  aside: Aside | null;
  looks: Looks;
  hidden: readonly PlacedKind[];
  work: ReadonlyMap<number, Work>;
  workChecked: boolean;
  strokes: readonly Stroke[];
  notes: readonly Note[];
  sign: Compared | null;
  window: WindowAt | null;
  wonder: "right" | "below" | null;
  tiles: readonly Arrow[];
  guides: boolean;
  hushed: boolean;
  draws: number;
  farCovered: boolean;
  settings: SceneSettings;
};

function apply(draft: Draft, move: Move): void {
  switch (move.do) {
    case "mark":
      lay(draft, move.ink, true, move.numbers);
      return;
    case "unmark":
      lay(draft, move.ink, false, move.numbers);
      return;
    case "cover":
      lay(draft, "cover", true, move.numbers);
      return;
    case "lift":
      lay(draft, "cover", false, move.numbers);
      // Where a number shows again, what was written in its place has gone.
      for (const number of [...draft.written.keys()]) {
        if (!hasLayer(layersOn(draft.laid, number), "cover")) draft.written.delete(number);
      }
      return;
    case "stand-out":
      lay(draft, "stand-out", true, move.numbers);
      return;
    case "stand-back":
      lay(draft, "stand-out", false, move.numbers);
      return;
    case "drop-rule":
      dropRule(draft.laid, move.layer, move.rule);
      return;
    case "clear-marks":
      for (const ink of move.ink === null ? INKS : [move.ink]) clearLayer(draft.laid, ink);
      return;
    case "write":
      draft.written.set(move.number, move.says);
      draft.checked = false;
      return;
    case "erase":
      if (move.number === null) draft.written.clear();
      else draft.written.delete(move.number);
      return;
    case "check":
      draft.checked = true;
      return;
    case "ask":
      draft.asked = move.number === null ? null : { number: move.number, as: move.as };
      return;
    case "focus":
      draft.focus = move.number;
      return;
    case "start":
      stand(draft, startTrail(move.number, move.terms));
      return;
    case "jump":
      if ((draft.trail?.jumps.length ?? 0) >= MOST_JUMPS) return;
      stand(draft, jumpOn(draft.trail ?? startTrail(numberOf(draft.focus ?? "0")), move.by, move.arrow));
      return;
    case "lay":
      draft.tiles = move.arrows;
      return;
    case "retrace":
      if (draft.trail) stand(draft, jumpBack(draft.trail));
      return;
    case "clear-trail":
      draft.trail = null;
      draft.focus = null;
      return;
    case "cover-jump":
    case "lift-jump":
      if (draft.trail) draft.trail = coverJumps(draft.trail, move.jumps, move.part, move.do === "cover-jump");
      return;
    case "split":
      if (draft.trail) draft.trail = splitJump(draft.trail, move.jump, move.into);
      return;
    case "join":
      if (draft.trail) draft.trail = joinJumps(draft.trail, move.jump);
      return;
    case "set-aside":
      if (draft.trail) draft.aside = setAside(draft.trail, move.ink, draft.aside);
      draft.trail = null;
      return;
    case "bring-back":
      draft.aside = null;
      return;
    case "trail-inks":
      if (draft.aside) draft.aside = { ...draft.aside, ink: move.aside, beside: move.trail };
      return;
    case "look":
      draft.looks = { ...draft.looks, [move.view]: { from: move.from, to: move.to } };
      return;
    case "work": {
      const done = draft.work.get(move.problem) ?? NO_WORK;
      if (done.jumps.length < MOST_WORK)
        draft.work = new Map(draft.work).set(move.problem, { ...done, jumps: [...done.jumps, move.by] });
      return;
    }
    case "answer":
      draft.work = new Map(draft.work).set(move.problem, {
        ...(draft.work.get(move.problem) ?? NO_WORK),
        says: move.says,
      });
      draft.workChecked = false;
      return;
    case "work-anew":
      draft.work = new Map([...draft.work].filter(([problem]) => problem !== move.problem));
      return;
    case "work-check":
      draft.workChecked = true;
      return;
    case "pen":
      if (draft.strokes.length < MOST_STROKES) draft.strokes = [...draft.strokes, move.stroke];
      return;
    case "note":
      draft.notes = [...draft.notes.filter(({ id }) => id !== move.note.id), move.note].slice(-MOST_STROKES);
      return;
    case "rub": {
      const gone = new Set(move.ids);
      draft.strokes = draft.strokes.filter(({ id }) => !gone.has(id));
      draft.notes = draft.notes.filter(({ id }) => !gone.has(id));
      return;
    }
    case "wipe-pen":
      draft.strokes = [];
      draft.notes = [];
      return;
    case "compare":
      draft.sign = move.sign;
      return;
    case "hide":
      draft.hidden = [...draft.hidden.filter((view) => view !== move.view), move.view];
      return;
    case "show":
      draft.hidden = draft.hidden.filter((view) => view !== move.view);
      return;
    case "slide":
      draft.window = { row: move.row, column: move.column };
      draft.wonder = null;
      return;
    case "wonder":
      draft.wonder = move.side;
      return;
    case "draw":
      draft.draws += 1;
      return;
    case "guides":
      draft.guides = move.on;
      return;
    case "cover-far":
      draft.farCovered = move.on;
      return;
    case "set":
      draft.settings = { ...draft.settings, [move.setting.of]: move.setting.is };
      return;
    default:
      move satisfies never;
  }
}

function lay(draft: Draft, layer: Layer, on: boolean, numbers: Numbers): void {
  if (Array.isArray(numbers)) touchNumbers(draft.laid, layer, on, numbers);
  else layRule(draft.laid, layer, on, numbers);
}

/** The trail as it now is, with the number it has come to in focus. */
function stand(draft: Draft, trail: Trail): void {
  draft.trail = trail;
  draft.focus = trail.end;
}
