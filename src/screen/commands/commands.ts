import { arrowsOf, chartOf } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { INKS } from "@/core/set/ink";
import { cellOf, columnNumbers, rowNumbers } from "@/core/surface/chart";
import { SIDES } from "@/core/surface/sides";
import { setRoom } from "@/kit/room";
import { ROOM_NAMES, ROOMS } from "@/kit/room-names";
import { INK_STYLE } from "@/view/ink/ink-style";
import { following } from "../arrows/following";
import { goBackToPrepared } from "../store/back-to-prepared";
import type { BoardStore } from "../store/board-store";
import { boardInHand, boardStateOf, sceneInHand } from "../store/on-show";
import { TOOL_NAMES, TOOLS } from "../tools";
import { numberWithKeyboard } from "../tools/number-under";

/** What the screen around the board can do. */
export type ScreenDoors = {
  keepStep: () => void;
  setStrong: (change: (strong: boolean) => boolean) => void;
  fullScreen: () => void;
  prepare: () => void;
  byRule: () => void;
  setCount: () => void;
  showKeys: () => void;
  showRemoved: () => void;
  saveOrPrint: () => void;
  savePicture: () => void;
  sheets: () => void;
  fromRecipe: () => void;
  saveFile: () => void;
  numbers: () => void;
  print: () => void;
  findCommand: () => void;
  /** Opens the class screen. */
  classScreen: () => void;
  anotherClass: () => void;
  versions: () => void;
  allBoards: () => void;
};

export type Command = {
  name: string;
  /** The keys that run it, as `event.key` gives them, a letter with Ctrl or Cmd as "Ctrl+K"; shown in this order. */
  keys: readonly string[];
  shift?: boolean;
  run: () => void;
};

/** Every command of the board with its keys: the one list behind the keyboard, its help, and finding a command. */
export function boardCommands(store: BoardStore, doors: ScreenDoors): Command[] {
  const board = () => store.getState();
  return [
    { name: "Climb to the next step", keys: ["ArrowRight", " ", "PageDown"], run: () => board().climb() },
    { name: "Step down", keys: ["ArrowLeft", "PageUp"], run: () => board().stepDown() },
    { name: "Back to prepared", keys: ["Backspace"], run: () => goBackToPrepared(store) },
    { name: "Keep as a step", keys: ["k"], run: doors.keepStep },
    ...INKS.map((ink, index) => ({
      name: `Mark with ${INK_STYLE[ink].name.toLowerCase()}`,
      keys: [String(index + 1)],
      run: () => board().choose("mark", ink),
    })),
    ...TOOL_NAMES.map((tool) => ({
      name: TOOLS[tool].label,
      keys: [TOOLS[tool].key],
      run: () => board().take(tool),
    })),
    { name: "Take back", keys: ["z", "Ctrl+Z"], run: () => board().takeBack() },
    { name: "Do again", keys: ["z", "Ctrl+Z", "Ctrl+Y"], shift: true, run: () => board().doAgain() },
    {
      name: "Start or pause the count",
      keys: ["g"],
      run: () => (board().counting ? board().pauseCount() : board().startCount()),
    },
    { name: "Set the count", keys: [], run: doors.setCount },
    { name: "One jump back", keys: [","], run: () => board().oneBack() },
    { name: "One jump on", keys: ["."], run: () => board().oneOn() },
    ...SIDES.map((side) => ({
      name: `Arrow ${side}, on a board with arrow moves`,
      keys: [`Arrow${side[0]!.toUpperCase()}${side.slice(1)}`],
      shift: true,
      run: () => {
        if (!arrowsOf(boardStateOf(board()).board)) return;
        following.with(({ arrowActionsOf }) => arrowActionsOf(store).arrow(side));
      },
    })),
    {
      name: "Neighbours of the number in focus",
      keys: ["n"],
      run: () => board().showGuides(numberWithKeyboard(store)),
    },
    {
      name: "Make the number in focus stand out",
      keys: ["h"],
      run: () => board().standOut(numberWithKeyboard(store)),
    },
    {
      name: "Row of the number in focus: mark, cover or lift",
      keys: ["r"],
      run: () => board().touchLine(lineOfFocus(store, "row")),
    },
    {
      name: "Column of the number in focus: mark, cover or lift",
      keys: ["o"],
      run: () => board().touchLine(lineOfFocus(store, "column")),
    },
    { name: "Mark or cover by rule", keys: ["y"], run: doors.byRule },
    {
      name: "Back of the room: larger and heavier",
      keys: ["b"],
      run: () => doors.setStrong((strong) => !strong),
    },
    ...ROOMS.map((room) => ({ name: ROOM_NAMES[room], keys: [], run: () => setRoom(room) })),
    { name: "Full screen", keys: ["f"], run: doors.fullScreen },
    { name: "Prepare or teach", keys: ["e"], run: doors.prepare },
    { name: "Save a picture of the board", keys: [], run: doors.savePicture },
    { name: "Sheets for the table", keys: [], run: doors.sheets },
    { name: "Class screen", keys: [], run: doors.classScreen },
    { name: "Teach another class", keys: [], run: doors.anotherClass },
    { name: "All boards", keys: [], run: doors.allBoards },
    { name: "Earlier versions", keys: [], run: doors.versions },
    { name: "A stair from a recipe", keys: [], run: doors.fromRecipe },
    { name: "Print the board", keys: [], run: doors.print },
    { name: "Numbers as a table", keys: [], run: doors.numbers },
    { name: "Save the lesson as a file", keys: [], run: doors.saveFile },
    { name: "Find a command", keys: ["Ctrl+K"], run: doors.findCommand },
    { name: "Show the keys", keys: ["?"], run: doors.showKeys },
  ];
}

/**
 * The numbers in the row or the column of the square that has the keyboard, or else of the number in focus; none where the
 * chart does not hold it.
 */
function lineOfFocus(store: BoardStore, line: "row" | "column"): NumberKey[] {
  const chart = chartOf(boardInHand(store.getState()));
  const number = numberWithKeyboard(store) ?? sceneInHand(store.getState()).focus;
  const cell = chart && number !== null ? cellOf(chart, number) : null;
  if (!chart || !cell) return [];
  return line === "row" ? rowNumbers(chart, cell.row) : columnNumbers(chart, cell.column);
}
