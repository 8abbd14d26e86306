import { termSize } from "@/core/count/number-sentence";
import {
  goalOf,
  isPuzzle,
  numbersToPlace,
  openAmong,
  placeTargets,
  showingAmong,
  writtenAmong,
} from "@/core/lesson/fill";
import { boardCells, chartOf, linesOf, textOn, timesOf } from "@/core/lesson/views-of";
import { type Exact, exact, keyOf, type NumberKey } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { withFractionSign } from "@/core/number/with-fraction-sign";
import { pick, randomOf } from "@/core/puzzle/draw";
import type { Fill } from "@/core/puzzle/fill-settings";
import { hintFor, wrongWords } from "@/core/puzzle/hint";
import { fold } from "@/core/scene/fold";
import type { Beat, Move } from "@/core/scene/move";
import { isCoveredAt } from "@/core/scene/scene";
import type { Setting } from "@/core/scene/setting";
import { cellAt, isCellKey, numberOf, type Target } from "@/core/surface/cell-key";
import type { BoardStore } from "../store/board-store";
import { EMPTY_HAND, type FillHand } from "../store/fill-hand";
import { boardInHand, sceneInHand } from "../store/on-show";

/** Maximum number of characters in the display of the keypad. */
const MAX_TYPED = 12;

export type FillActions = {
  /**
   * An open cell was touched with the writing tool. `reach`: the tolerance of a touch on a line, as a finger is wide.
   */
  fillTouch: (cell: Target, reach?: Exact) => void;
  /** A covered size of jumps was touched, to be written in. */
  fillTerm: (jumps: readonly number[]) => void;
  /** A key of the keypad: a sign of a number, or "back" for the last one away. */
  typeKey: (key: string) => void;
  /** Writes what was typed into its cell. */
  writeTyped: () => void;
  /** Writes a number into a cell: typed, dragged, or looked for. */
  writeIn: (cell: Target, says: NumberKey) => void;
  takeTile: (tile: NumberKey | null) => void;
  chooseNext: () => void;
  askNext: () => void;
  freshChart: () => void;
  checkWritten: () => void;
  giveHint: () => void;
  setFill: (part: Partial<Fill>) => void;
};

const known = new WeakMap<BoardStore, FillActions>();

/** The acts of filling. Core decides what is right, and what is asked next. */
export function fillActionsOf(store: BoardStore): FillActions {
  const actions = known.get(store) ?? fillActions(store);
  known.set(store, actions);
  return actions;
}

function fillActions({ getState: get, setState: set }: BoardStore): FillActions {
  const hand = () => get().hand;
  const setHand = (part: Partial<FillHand>) => set({ hand: { ...get().hand, ...part } });
  const board = () => boardInHand(get());
  const scene = () => sceneInHand(get());
  const act = (beat: Beat) => get().add(beat);
  const setTo = (setting: Setting) => get().setTo(setting);
  const cells = () => boardCells(board(), scene());
  const fill = () => board().fill;
  const tell = (words: string, good: boolean, about: Target | null = null) =>
    setHand({ told: { words, good, about } });

  /** The cell that waits for its number: the one that was touched, else the one that is asked for. */
  const waiting = () => {
    const { asked } = scene();
    return hand().at ?? (asked?.as === "place" ? asked.number : null);
  };

  /** The number of a cell as the board writes it. */
  const write = (cell: Target) => textOn(board())(numberOf(cell));

  /** Whether a line of the board is empty: what is written on it is put there. */
  const isEmptyLine = () => linesOf(board()).some((line) => line.kind === "line" && line.open);
  const isOnLine = () => linesOf(board()).length > 0 && !chartOf(board()) && !timesOf(board());
  /** Covers a number so that it can be written there; a covered one stays covered. */
  const covering = (cell: Target): Move[] =>
    isCoveredAt(scene(), cell) ? [] : [{ do: "cover", numbers: [cell] }];

  /** The moves that ask for another number, drawn from the possible ones; if none is left, nothing is asked. */
  const asking = (open: readonly Target[]): Move[] => {
    const { seed } = board();
    const [cell] = pick(open, 1, randomOf(seed, scene().draws));
    if (cell === undefined) return [{ do: "ask", number: null, as: "number" }];
    // A chosen number that shows on a chart is covered to be looked for.
    const hide = isOnLine() || isCellKey(cell) ? [] : covering(cell);
    return [...hide, { do: "ask", number: numberOf(cell), as: "number" }, { do: "draw" }];
  };

  /**
   * Writes a right number; if its place was looked for, the next one is asked until as many as wanted have been placed.
   */
  const writeRight = (cell: Target) => {
    const { asked } = scene();
    if (!isCoveredAt(scene(), cell) && asked?.as === "place") {
      // A tick of a line that was read: its number shows.
      act([
        { do: "ask", number: null, as: "place" },
        { do: "focus", number: cell },
      ]);
      setHand({ ...EMPTY_HAND });
      return tell(`${write(cell)} it is.`, true);
    }
    const moves: Move[] = [
      ...covering(cell),
      { do: "write", number: cell, says: numberOf(cell) },
      { do: "focus", number: cell },
    ];
    if (fill().by !== "home") {
      act(moves);
      return setHand({ ...EMPTY_HAND });
    }
    if (isPuzzle(board())) {
      // A solved puzzle stays, to be looked at and explained.
      act([...moves, ...asking([])]);
      setHand({ ...EMPTY_HAND });
      return tell(`Yes, ${write(cell)}. How did you work it out?`, true);
    }
    const home = writtenAmong(scene(), placeTargets(board(), scene())).right.length + 1;
    const open = numbersToPlace(board(), scene()).filter((other) => other !== cell);
    const done = home >= goalOf(board()) || open.length === 0;
    act([...moves, ...(done ? asking([]) : asking(open))]);
    setHand({ ...EMPTY_HAND });
    tell(
      done ? `${home === 1 ? "1 number is" : `All ${home} numbers are`} placed.` : "Yes. How do you know?",
      true,
    );
  };

  /** Writes the size of a covered jump: a right one uncovers it, a wrong one changes nothing. */
  const writeTerm = (jumps: readonly number[], says: NumberKey) => {
    const { trail } = scene();
    const sentence = board().views.find((view) => view.kind === "sentence");
    if (!trail || says !== termSize(trail, sentence?.form ?? null, jumps)) {
      const words = wrongWords(says, typedWords(hand().typed, says, textOn(board())));
      setHand({ typed: "" });
      return tell(words, false);
    }
    act([{ do: "lift-jump", jumps: [...jumps], part: "size" }]);
    setHand({ ...EMPTY_HAND });
  };

  const actions: FillActions = {
    fillTerm: (jumps) => {
      setHand({ ...EMPTY_HAND, term: jumps });
      if (fill().by !== "keypad") setTo({ of: "fill", is: { ...fill(), by: "keypad" } });
    },
    fillTouch: (cell, reach) => {
      const { tile, choosing } = hand();
      const { by, check } = fill();
      // When answers are not checked at once, any may be written again: refusing the right ones would give them away.
      const tells = check === "at-once" || by === "home";
      const isAskedFor = scene().asked?.as === "place" && scene().asked?.number === cell;
      const isOpen =
        isAskedFor || (tells ? openAmong(scene(), [cell]).length > 0 : isCoveredAt(scene(), cell));
      const { asked } = scene();
      if (by === "home" && asked?.as === "number" && reach && isOnLine()) {
        const off = exact(numberOf(cell))
          .sub(exact(numberOf(asked.number)))
          .abs();
        return actions.writeIn(off.compare(reach) <= 0 ? asked.number : cell, numberOf(asked.number));
      }
      if (by === "home" && asked === null && isOnLine()) return tell("Draw a number first.", false);
      if (by === "keypad" && !isOpen && isEmptyLine()) {
        setHand({ ...EMPTY_HAND });
        return tell("Which number goes on the line? Type it, then touch Write it.", false);
      }
      if (!isOpen) return tell(`${write(cell)} is there already. Touch an empty square.`, false);
      if (choosing) {
        act([{ do: "ask", number: cell, as: "place" }]);
        return setHand({ ...EMPTY_HAND, at: cell });
      }
      if (by === "tiles") {
        if (tile === null) return tell("Take a tile first, or drag one here.", false);
        return actions.writeIn(cell, tile);
      }
      if (by === "home" && asked?.as === "number") return actions.writeIn(cell, numberOf(asked.number));
      if (by === "home" && asked === null) return tell("Draw a number first.", false);
      setHand({ at: by === "home" && asked ? asked.number : cell, typed: "", told: null });
    },
    typeKey: (key) => {
      const { typed } = hand();
      if (waiting() === null && hand().term === null && !isEmptyLine()) {
        return tell("Touch the square to write in.", false);
      }
      if (key === "back") return setHand({ typed: typed.slice(0, -1), told: null });
      if (typed.length < MAX_TYPED) setHand({ typed: typed + key, told: null });
    },
    writeTyped: () => {
      const { typed, term } = hand();
      const at = waiting();
      if (at === null && term === null && !isEmptyLine()) return tell("Touch the square to write in.", false);
      const read = readNumber(typed);
      if (!read.ok) return tell(read.message, false);
      const says = keyOf(read.value);
      if (term !== null) return writeTerm(term, says);
      if (at !== null) return actions.writeIn(at, says);
      act([...covering(says), { do: "write", number: says, says }, { do: "focus", number: says }]);
      setHand({ ...EMPTY_HAND });
    },
    writeIn: (cell, says) => {
      const { check, by } = fill();
      const { asked } = scene();
      if (says === numberOf(cell)) return writeRight(cell);
      if (check === "at-once" || (by === "home" && asked)) {
        const words = wrongWords(says, typedWords(hand().typed, says, textOn(board())));
        setHand({ typed: "", tile: null });
        return tell(words, false, cell);
      }
      act([
        { do: "write", number: cell, says },
        { do: "focus", number: cell },
      ]);
      setHand({ at: null, typed: "", tile: null, told: null });
    },
    takeTile: (tile) => setHand({ tile: hand().tile === tile ? null : tile, told: null }),
    chooseNext: () => setHand({ ...EMPTY_HAND, choosing: !hand().choosing }),
    askNext: () => {
      setHand({ ...EMPTY_HAND });
      const open = numbersToPlace(board(), scene());
      if (open.length === 0) return tell("Every number shows. Cover some of them first.", false);
      const others = open.length > 1 ? open.filter((cell) => numberOf(cell) !== scene().asked?.number) : open;
      act(asking(others));
    },
    freshChart: () => {
      // Removes what was put on a line; empties what was covered on a chart.
      const put = isOnLine() ? [...scene().written.keys()] : [];
      const cleared: Move[] = [
        { do: "erase", number: null },
        ...(put.length > 0 ? [{ do: "lift", numbers: put } as const] : []),
      ];
      act([
        ...cleared,
        ...(fill().by === "home" ? asking(numbersToPlace(board(), fold(scene(), cleared))) : []),
      ]);
      setHand({ ...EMPTY_HAND });
    },
    checkWritten: () => {
      act([{ do: "check" }]);
      const { right, wrong } = writtenAmong(scene(), cells());
      if (right.length + wrong.length === 0) return tell("Nothing is written yet.", false);
      if (wrong.length === 0)
        return tell(right.length === 1 ? "It is right." : `All ${right.length} are right.`, true);
      tell(`${right.length} right. ${wrong.length} to think about again.`, false);
    },
    giveHint: () => {
      const about = hand().told?.about ?? waiting();
      if (about === null) return;
      const words = hintFor(about, showingAmong(scene(), inReach(about, cells())), textOn(board()));
      tell(words ?? "No numbers are showing yet. Lift one first.", false, null);
    },
    setFill: (part) => {
      setHand({ ...EMPTY_HAND });
      setTo({ of: "fill", is: { ...fill(), ...part } });
    },
  };
  return actions;
}

/** A number as typed, with real mathematical signs; as displayed, if it was not typed. */
function typedWords(typed: string, says: NumberKey, write: (number: NumberKey) => string): string {
  const text = typed.trim();
  return text === "" ? write(says) : withFractionSign(showNumber(text.replaceAll("−", "-")));
}

/** The numbers that a hint may reason from: on a times grid the row and the column of the cell, else all. */
function inReach(about: Target, cells: readonly Target[]): Target[] {
  if (!isCellKey(about)) return [...cells];
  const { row, column } = cellAt(about);
  return cells.filter((cell) => {
    const at = isCellKey(cell) ? cellAt(cell) : null;
    return at === null || at.row === row || at.column === column;
  });
}
