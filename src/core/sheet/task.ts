import type { Count } from "../count/count-settings";
import type { Move } from "../scene/move";
import type { View, ViewSettings } from "../views/view";

/** A piece of a line of signs: signs, or a box to write in, with its answer. */
export type Piece = { readonly text: string } | { readonly blank: string };

/** A view on paper: as pupils get it, and with its answers. */
export type PaperView = {
  readonly settings: ViewSettings;
  readonly question: readonly Move[];
  /** The further moves on the answer page. */
  readonly answer: readonly Move[];
  /** Whether everything that is covered, by a move or from the start, is shown on the answer page. */
  readonly reveals?: true;
  /** The count, for views about a count. */
  readonly count?: Pick<Count, "by" | "from" | "way"> | undefined;
  /** The other views of its board, for those that read from them. They are not drawn. */
  readonly beside?: readonly View[];
  /** Its height, in parts of its width. */
  readonly ratio: number;
};

/** A strip of cells in true size, to be cut out in pieces and glued together. */
export type TrueStrip = {
  /** The numbers of its cells. */
  readonly numbers: readonly string[];
  /** The width of a cell, in millimetres. */
  readonly cell: number;
  readonly blank: boolean;
};

/** One task on a sheet, from the top down: a line of signs, a drawing, a line to write on. */
export type Task = {
  readonly signs?: readonly Piece[];
  readonly view?: PaperView;
  readonly strip?: TrueStrip;
  /** A line to write on: what stands before it, and its answer. */
  readonly line?: { readonly before: string; readonly answer: string };
};

/** A part of a sheet as made for one copy: its tasks, and how many stand beside each other. */
export type Made = {
  readonly instruction: string;
  readonly across: 1 | 2 | 3 | 4;
  readonly tasks: readonly Task[];
};

/** The answers to a task, in reading order: what belongs in boxes and on lines. */
export const answersOf = ({ signs, line }: Task): string[] => [
  ...(signs ?? []).flatMap((piece) => ("blank" in piece ? [piece.blank] : [])),
  ...(line ? [line.answer] : []),
];
