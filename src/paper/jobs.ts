import { momentOf } from "@/core/lesson/moment";
import type { PictureWish } from "@/core/lesson/picture-wish";
import { type ShownBoard, stateOf } from "@/core/lesson/shown-board";
import type { Sheet, SheetPages } from "@/core/sheet/sheet";
import { boardPicture } from "./board-picture";
import { cropped, toPng } from "./png";
import { sheetPdf } from "./sheet/sheet-pdf";
import { toSvg } from "./svg";

/** The file made by a job: text or bytes. */
export type Made = string | Uint8Array;

/** A picture of a board, cropped to what is drawn. */
async function picture({ shown, wish }: { shown: ShownBoard; wish: PictureWish }): Promise<Made> {
  const whole = await boardPicture(momentOf(stateOf(shown)), wish);
  const drawn = await cropped(whole);
  const ground = wish.ground === "white" ? "#ffffff" : null;
  return wish.as === "png" ? toPng(drawn, wish.longest, ground) : toSvg(drawn, { ground, letters: "text" });
}

/** A sheet as a PDF, or only its first copies, or only some of its pages. */
const sheet = (of: { sheet: Sheet; copies: number; pages?: SheetPages }): Promise<Made> =>
  sheetPdf(of.sheet, of.copies, of.pages);

/** The jobs of the paper room. */
export const JOBS = { picture, sheet } as const;
export type JobName = keyof typeof JOBS;
export type Job<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
