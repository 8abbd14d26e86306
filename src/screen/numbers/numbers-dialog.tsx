"use client";

import { ClipboardPaste, Download } from "lucide-react";
import { nanoid } from "nanoid";
import Papa from "papaparse";
import { useState } from "react";
import { MAX } from "@/core/lesson/bounds";
import { newBoard } from "@/core/lesson/new-lesson";
import {
  chartOfTable,
  MAX_TABLE_ROWS,
  movesOfTable,
  readTable,
  tableOfText,
  tableOfTrail,
  tableOfView,
} from "@/core/lesson/number-table";
import { placedOf, viewName } from "@/core/lesson/views-of";
import { fileNameOf } from "@/core/lesson/write-lesson";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import { sceneOfView } from "@/core/scene/own";
import { INKS, type Ink } from "@/core/set/ink";
import { kindOfView } from "@/core/views/view";
import { Button } from "@/kit/button";
import { Dialog } from "@/kit/dialog";
import { TextField } from "@/kit/field";
import { say } from "@/kit/messages";
import { Select } from "@/kit/select";
import { INK_STYLE } from "@/view/ink/ink-style";
import { keepFile } from "../picture/picture-door";
import { boardNow, boardStateOf, sceneNow } from "../store/on-show";
import { useBoardStore } from "../store/use-board";

type Props = { open: boolean; onOpenChange: (open: boolean) => void };

/** Maximum length of a file or pasted text, in characters. */
const MAX_TEXT = 500_000;
const TRAIL = "trail";

/** The numbers of the board as a table, and a table of numbers as marks or as a chart. */
export function NumbersDialog({ open, onOpenChange }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Numbers as a table" size="wide">
      <SaveNumbers />
      <TakeNumbers close={() => onOpenChange(false)} />
    </Dialog>
  );
}

function SaveNumbers() {
  const store = useBoardStore();
  const [board] = useState(() => boardNow(store.getState()));
  const [scene] = useState(() => sceneNow(store.getState()));
  const views = placedOf(board).filter((view) => kindOfView(view).surface !== undefined);
  const options = [
    ...views.map((view) => ({ value: view.id as string, label: viewName(board, view) })),
    ...(scene.trail ? [{ value: TRAIL, label: "Count and jumps" }] : []),
  ];
  const [of, setOf] = useState(options[0]?.value ?? "");
  if (options.length === 0)
    return <p className="text-quiet">This board has no numbers that a table could hold.</p>;
  const save = () => {
    const view = views.find(({ id }) => id === of);
    const table = view ? tableOfView(view, sceneOfView(view, scene)) : tableOfTrail(scene);
    const name = `${fileNameOf(board.title)}-numbers.csv`;
    keepFile(new Blob([Papa.unparse(table as string[][])], { type: "text/csv" }), name);
    say(`Numbers saved as ${name}.`);
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span className="mr-auto max-w-sm">
        The numbers with their places, marks and covers, for a spreadsheet:
      </span>
      {options.length > 1 && <Select label="Which numbers" value={of} onChange={setOf} options={options} />}
      <Button onClick={save}>
        <Download aria-hidden size={19} /> Save as CSV
      </Button>
    </div>
  );
}

function TakeNumbers({ close }: { close: () => void }) {
  const store = useBoardStore();
  const [text, setText] = useState("");
  const [ink, setInk] = useState<Ink>("sun");
  const read = readTable(tableOfText(text, ofSpreadsheet));
  const chart = chartOfTable(read);
  const named = read.numbers.some(({ marks, covered }) => marks.length > 0 || covered);
  const count = read.numbers.length;
  const numbers = manyOf(count, "number");

  const mark = () => {
    store.getState().add(movesOfTable(read, ink));
    close();
    say(named ? `Marks and covers of ${numbers} added.` : `${numbers} marked.`, {
      label: "Take back",
      run: () => store.getState().takeBack(),
    });
  };
  const makeChart = () => {
    if (!chart) return;
    const before = boardStateOf(store.getState()).board.title;
    const title = `Board ${store.getState().boards.length + 1}`;
    const board = { ...newBoard(nanoid(8), title, chart), opening: movesOfTable(read, null) };
    if (!store.getState().addBoard(board)) return say(`A lesson has room for ${MAX.boards} boards.`);
    close();
    say(`Chart made on a board of its own, after “${before}”.`);
  };
  const openFile = async (file: File | undefined) => {
    if (!file) return;
    if (file.size > MAX_TEXT) return say("This file is too large for a table of numbers.");
    setText(await file.text());
  };
  return (
    <div className="mt-6 border-t border-rule pt-5">
      <div className="mb-2 flex flex-wrap items-end gap-3">
        <p className="mr-auto">Numbers from elsewhere, in a row, one below the other or as a table:</p>
        <label className="inline-flex h-press cursor-pointer items-center gap-2 rounded-button border border-edge bg-board px-4 font-semibold hover:border-ink focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-focus">
          <ClipboardPaste aria-hidden size={19} /> Open a CSV
          <input
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            className="sr-only"
            onChange={(event) => {
              void openFile(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </label>
      </div>
      <TextField
        label="Numbers"
        rows={5}
        value={text}
        maxLength={MAX_TEXT}
        onChange={(event) => setText(event.target.value)}
        placeholder={"6\n12\n18"}
      />
      <p aria-live="polite" className="mt-2 min-h-press text-quiet">
        {count > 0 && `${numbers}: ${listed(read.numbers.map(({ number }) => number))}. `}
        {read.wrong.length > 0 && (
          <span className="text-wrong">
            {read.wrong
              .map(({ line, text, asks }) =>
                asks ? `Line ${line}: ${asks}` : `Line ${line} is not a number: “${text}”.`,
              )
              .join(" ")}
          </span>
        )}
      </p>
      <div className="mt-3 flex flex-wrap items-center justify-end gap-3">
        {!named && (
          <Select
            label="Ink"
            value={ink}
            onChange={setInk}
            options={INKS.map((value) => ({ value, label: INK_STYLE[value].name }))}
          />
        )}
        <Button disabled={count === 0} onClick={mark}>
          {named ? "Add its marks and covers" : "Mark them"}
        </Button>
        <Button tone="strong" disabled={!chart} onClick={makeChart}>
          Make a chart
        </Button>
      </div>
      {count > 1 && !chart && (
        <p className="mt-2 text-right text-quiet">A chart needs numbers that go up or down in equal parts.</p>
      )}
    </div>
  );
}

const ofSpreadsheet = (text: string) =>
  Papa.parse<string[]>(text, { preview: MAX_TABLE_ROWS, delimitersToGuess: ["\t", ";", "|", ","] }).data;

const SHOWN = 8;
const listed = (numbers: readonly string[]) =>
  [
    ...numbers.slice(0, SHOWN).map((number) => showNumber(number)),
    ...(numbers.length > SHOWN ? ["…"] : []),
  ].join(", ");
