import { pageSize } from "@/core/sheet/page-size";
import { copiesDiffer, type MadePart, type Sheet } from "@/core/sheet/sheet";
import type { Made, Task, TrueStrip } from "@/core/sheet/task";
import { MARGIN } from "../units";
import { TEXT, textHeight } from "./page-text";

/** Where something stands on a page, in millimetres from its upper left corner. */
export type Place = {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
};

/** An item on a page: the instruction of a part, a task of it, or a piece of a strip. */
export type Standing =
  | { readonly kind: "instruction"; readonly text: string; readonly place: Place }
  | { readonly kind: "task"; readonly task: Task; readonly place: Place }
  | {
      readonly kind: "piece";
      readonly numbers: readonly string[];
      readonly strip: TrueStrip;
      readonly glue: boolean;
      readonly place: Place;
    };

export type LaidPage = readonly Standing[];

/** Heights in millimetres. */
const BELOW_TITLE = { withName: 13.7, plain: 5.7 } as const;
const FOOT = 7;
const BELOW_INSTRUCTION = 1.2;
export const SIGNS = 11;
export const LINE = 11;
/** The room at the right of a title for the name of a copy. */
const COPY = 14;
/** A sentence begun in a narrower room is continued on a second line. */
const SENTENCE = 100;
export const linesToWrite = (width: number): number => (width < SENTENCE ? 2 : 1);
const GAP = { across: 8, down: 5, part: 5 } as const;
/** A piece of a strip, and its edge for glue. */
export const PIECE = { height: 16, gap: 6, glue: 9 } as const;

/**
 * Lays out the parts of a copy on pages, from the top down; what does not fit continues on the next page, and no task
 * is split. A task higher than a page is made as high as the page.
 */
export function layOut(sheet: Sheet, parts: readonly MadePart[]): LaidPage[] {
  const { width, height } = pageSize(sheet);
  const room = { left: MARGIN, width: width - 2 * MARGIN, bottom: height - MARGIN - FOOT };
  const title = textHeight(sheet.title, TEXT.title, titleWidth(sheet));
  const first = MARGIN + title + (sheet.name ? BELOW_TITLE.withName : BELOW_TITLE.plain);
  const pages: Standing[][] = [[]];
  let y = first;
  const next = () => {
    pages.push([]);
    y = first;
  };
  const put = (one: Standing) => pages.at(-1)!.push(one);
  for (const { instruction, across, tasks } of partsTogether(parts)) {
    const told =
      instruction === "" ? 0 : textHeight(instruction, TEXT.instruction, room.width) + BELOW_INSTRUCTION;
    const rows = rowsOf(tasks, across, room.width, room.bottom - first - told);
    const [head] = rows;
    const needed = told + (head?.height ?? 0);
    if (y > first && y + needed > room.bottom) next();
    if (instruction !== "") {
      const place = { x: room.left, y, width: room.width, height: told };
      put({ kind: "instruction", text: instruction, place });
      y += told;
    }
    for (const row of rows) {
      if (y > first && y + row.height > room.bottom) next();
      for (const one of row.standing(room.left, y)) put(one);
      y += row.height + row.gap;
    }
    y += GAP.part;
  }
  return pages;
}

/** The width of the title of a sheet, in millimetres. */
export const titleWidth = (sheet: Sheet): number =>
  pageSize(sheet).width - 2 * MARGIN - (copiesDiffer(sheet) ? COPY : 0);

/** The parts with the numbers of their instructions. Small ones that ask nothing stand beside those before them. */
function partsTogether(parts: readonly MadePart[]): Made[] {
  const together: Made[] = [];
  for (const { nth, instruction, across, tasks } of parts) {
    const last = together.at(-1);
    if (last && last.instruction === "" && instruction === "" && last.across === across)
      together[together.length - 1] = { ...last, tasks: [...last.tasks, ...tasks] };
    else together.push({ instruction: nth === null ? instruction : `${nth} ${instruction}`, across, tasks });
  }
  return together;
}

type Row = {
  readonly height: number;
  readonly gap: number;
  readonly standing: (left: number, top: number) => Standing[];
};

function rowsOf(tasks: readonly Task[], across: number, width: number, max: number): Row[] {
  const rows: Row[] = [];
  const wide = (width - (across - 1) * GAP.across) / across;
  for (let i = 0; i < tasks.length; i += across) {
    const row = tasks.slice(i, i + across);
    const strip = row[0]?.strip;
    if (strip) {
      rows.push(...pieceRows(strip, width));
      continue;
    }
    const height = Math.min(max, Math.max(...row.map((task) => heightOf(task, wide))));
    rows.push({
      height,
      gap: GAP.down,
      standing: (left, y) =>
        row.map((task, at) => ({
          kind: "task",
          task,
          place: { x: left + at * (wide + GAP.across), y, width: wide, height },
        })),
    });
  }
  return rows;
}

const heightOf = ({ signs, view, line }: Task, width: number): number =>
  (signs ? SIGNS : 0) + (view ? width * view.ratio : 0) + (line ? LINE * linesToWrite(width) : 0);

/** Cuts a strip into pieces as long as the page is wide; each but the last has an edge to which the next is glued. */
function pieceRows(strip: TrueStrip, width: number): Row[] {
  const each = Math.max(1, Math.floor((width - PIECE.glue) / strip.cell));
  const rows: Row[] = [];
  for (let i = 0; i < strip.numbers.length; i += each) {
    const numbers = strip.numbers.slice(i, i + each);
    const glue = i + each < strip.numbers.length;
    rows.push({
      height: PIECE.height,
      gap: PIECE.gap,
      standing: (x, y) => [
        {
          kind: "piece",
          numbers,
          strip,
          glue,
          place: { x, y, width: numbers.length * strip.cell + (glue ? PIECE.glue : 0), height: PIECE.height },
        },
      ],
    });
  }
  return rows;
}
