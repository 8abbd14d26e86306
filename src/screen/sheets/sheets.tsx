"use client";

import { Download, Plus, Trash2, Undo2 } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import { MAX } from "@/core/lesson/bounds";
import { boardAsOnPaper, partOfView } from "@/core/lesson/sheet-from-board";
import { placedOf, viewName } from "@/core/lesson/views-of";
import { fileNameOf } from "@/core/lesson/write-lesson";
import { SHEET_KINDS } from "@/core/sheet/kinds";
import { newSheet, type Sheet, type SheetPart } from "@/core/sheet/sheet";
import { Button, IconButton } from "@/kit/button";
import { WholeDialog } from "@/kit/dialog";
import { say } from "@/kit/messages";
import { Select } from "@/kit/select";
import { keepFile } from "../picture/picture-door";
import { boardNow, boardStateOf } from "../store/on-show";
import { useBoard, useBoardStore } from "../store/use-board";
import { askSheet } from "./sheet-door";
import { SheetPanel } from "./sheet-panel";
import { SheetPreview } from "./sheet-preview";

/** A sheet that was removed, and where it stood: it can be put back as long as this page is open. */
type Gone = { sheet: Sheet; index: number };

/** The sheets of a lesson: each as it will be printed, and its settings. */
export function Sheets({ onClose }: { onClose: () => void }) {
  const store = useBoardStore();
  const sheets = useBoard((state) => state.sheets);
  const { title } = useBoard((state) => state.words);
  const [at, setAt] = useState(sheets[0]?.id ?? "");
  const inClass = useBoard((state) => !state.preparing);
  const [busy, setBusy] = useState(false);
  const [gone, setGone] = useState<Gone | null>(null);
  const sheet = sheets.find(({ id }) => id === at) ?? sheets[0];
  const put = (next: (all: readonly Sheet[]) => readonly Sheet[]) => store.getState().setSheets(next);

  const add = () => {
    if (sheets.length >= MAX.sheets) return say(`A lesson has room for ${MAX.sheets} sheets.`);
    const seed = crypto.getRandomValues(new Uint32Array(1))[0]! >>> 1;
    const part = { id: nanoid(8), instruction: "", of: SHEET_KINDS.chart.starts };
    const fresh = newSheet(nanoid(8), `${title.slice(0, 100)}, sheet ${sheets.length + 1}`, seed, part);
    put((all) => [...all, fresh]);
    setAt(fresh.id);
  };
  const remove = (which: Sheet) => {
    setGone({ sheet: which, index: sheets.indexOf(which) });
    put((all) => all.filter(({ id }) => id !== which.id));
  };
  const putBack = ({ sheet: back, index }: Gone) => {
    put((all) => all.toSpliced(index, 0, back));
    setAt(back.id);
    setGone(null);
  };
  const save = async (one: Sheet) => {
    setBusy(true);
    try {
      const name = `${fileNameOf(one.title)}.pdf`;
      const pdf = await askSheet(one, one.copies, "all");
      if (pdf) keepFile(pdf, name);
      say(`Sheet saved as ${name}.`);
    } catch {
      say("The sheet could not be made. Check that Yellow Stair is running, then try again.");
    } finally {
      setBusy(false);
    }
  };
  const showOnBoard = (part: SheetPart) => {
    const board = sheet && boardAsOnPaper(sheet, part, nanoid(8));
    if (!board) return say("This part has nothing that a board could show.");
    if (!store.getState().addBoard(board)) return say(`A lesson has room for ${MAX.boards} boards.`);
    onClose();
    say("Shown on a board of its own, as copy A has it.");
  };
  const [board] = useState(() => boardNow(store.getState()));
  const fromBoard = placedOf(board).map((view) => ({
    label: viewName(board, view),
    part: () => {
      const part = partOfView(boardStateOf(store.getState()), view);
      if (!part) say("More was done on this board than a sheet can keep. Go back to its start, then add it.");
      return part;
    },
  }));
  const copies = sheet && sheet.copies > 1 ? `, ${sheet.copies} copies` : "";
  return (
    <WholeDialog
      title="Sheets for the table"
      onClose={onClose}
      head={
        <>
          {sheets.length > 1 && sheet && (
            <Select
              label="Sheet"
              value={sheet.id}
              onChange={setAt}
              options={sheets.map(({ id, title: label }) => ({ value: id, label }))}
            />
          )}
          {sheets.length > 0 && (
            <Button onClick={add}>
              <Plus aria-hidden size={19} /> New sheet
            </Button>
          )}
          {sheet && (
            <IconButton name="Remove the sheet" onClick={() => remove(sheet)}>
              <Trash2 aria-hidden size={20} />
            </IconButton>
          )}
          {gone && (
            <Button onClick={() => putBack(gone)}>
              <Undo2 aria-hidden size={19} /> Put back “{gone.sheet.title.slice(0, 40)}”
            </Button>
          )}
          <span className="flex-1" />
          {sheet && (
            <Button tone="strong" className="h-press px-5" disabled={busy} onClick={() => void save(sheet)}>
              <Download aria-hidden size={20} /> {busy ? "Making the PDF…" : `Save the PDF${copies}`}
            </Button>
          )}
        </>
      }
    >
      {sheet ? (
        <div key={sheet.id} className="flex min-h-0 flex-1 gap-4 px-5 pb-5 portrait:flex-col">
          <SheetPreview sheet={sheet} inClass={inClass} />
          <SheetPanel
            sheet={sheet}
            onChange={(next) => put((all) => all.map((one) => (one.id === next.id ? next : one)))}
            fromBoard={fromBoard}
            showOnBoard={showOnBoard}
          />
        </div>
      ) : (
        <div className="m-auto flex max-w-md flex-col items-start gap-4 rounded-card border border-dashed border-quiet p-10">
          <p className="text-large leading-snug">
            Charts with gaps, problems on lines, puzzles, strips to cut out: made for this lesson, with their
            answers.
          </p>
          <Button tone="stair" onClick={add}>
            Make the first sheet
          </Button>
        </div>
      )}
    </WholeDialog>
  );
}
