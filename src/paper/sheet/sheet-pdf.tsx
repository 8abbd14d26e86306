import { renderToStaticMarkup } from "react-dom/server";
import { pageSize } from "@/core/sheet/page-size";
import { copiesDiffer, type MadePart, makeCopy, type Sheet, type SheetPages } from "@/core/sheet/sheet";
import { answersOf, type Task } from "@/core/sheet/task";
import type { KindName } from "@/core/views/view";
import { type Drawings, drawingsOf } from "@/view/board/board-drawing";
import type { Picture } from "../flatten/drawn";
import { flatten } from "../flatten/flatten";
import { toPdf } from "../pdf";
import { MM } from "../units";
import { forPaper } from "./for-paper";
import { layOut } from "./lay-out";
import { OnPaper, SheetPage } from "./sheet-page";

/** The pages of one copy of a sheet, followed by those with its answers. */
export async function copyPages(sheet: Sheet, copy: number, which: SheetPages = "all"): Promise<Picture[]> {
  const parts = makeCopy(sheet, copy);
  const pages = layOut(sheet, parts);
  const drawings = await drawingsOf(kindsOf(parts));
  const { width, height } = pageSize(sheet);
  const room = { width: width * MM, height: height * MM };
  const made: Picture[] = [];
  // Copies that are alike have one page with the answers, after the first.
  const answered =
    sheet.answers &&
    (copy === 0 || copiesDiffer(sheet)) &&
    parts.some(({ tasks }) => tasks.some((task) => hasAnswer(task, drawings)));
  const kinds = [...(which === "answers" ? [] : [false]), ...(answered && which !== "pupils" ? [true] : [])];
  for (const answers of kinds) {
    for (const [page, standing] of pages.entries()) {
      const of = { sheet, copy, page, pages: pages.length, answers };
      const picture = await flatten(<SheetPage of={of} standing={standing} drawings={drawings} />, room);
      made.push({ ...picture, drawn: forPaper(picture.drawn, { grey: sheet.ink === "grey" }) });
    }
  }
  return made;
}

/** Tasks that are only written on or cut out have no answers, nor has a view of which nothing is covered. */
function hasAnswer(task: Task, drawings: Drawings): boolean {
  const { view } = task;
  if (answersOf(task).length > 0 || (view?.answer.length ?? 0) > 0) return true;
  if (!view?.reveals) return false;
  const drawn = (answers: boolean) =>
    renderToStaticMarkup(<OnPaper view={view} answers={answers} drawings={drawings} size={ANY} />);
  return drawn(true) !== drawn(false);
}

const ANY = { width: 600, height: 400 };

const kindsOf = (parts: readonly MadePart[]): KindName[] =>
  parts.flatMap(({ tasks }) => tasks.flatMap(({ view }) => (view ? [view.settings.kind] : [])));

/** A sheet as a PDF: all its copies, or only the first ones; null if no page is to be made. */
export async function sheetPdf(
  sheet: Sheet,
  copies = sheet.copies,
  which: SheetPages = "all",
): Promise<Uint8Array> {
  const pages: Picture[] = [];
  for (let copy = 0; copy < Math.min(copies, sheet.copies); copy += 1) {
    pages.push(...(await copyPages(sheet, copy, which)));
  }
  return pages.length === 0 ? new Uint8Array() : toPdf(pages, sheet.title);
}
