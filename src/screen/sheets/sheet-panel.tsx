"use client";

import { ArrowDown, ArrowUp, ChevronDown, ChevronRight, Dices, MonitorUp, Trash2 } from "lucide-react";
import { nanoid } from "nanoid";
import { useState } from "react";
import { viewOnPaper } from "@/core/lesson/sheet-from-board";
import { readWhole } from "@/core/number/read-whole";
import { SHEET_KINDS } from "@/core/sheet/kinds";
import {
  isByChance,
  kindOfPart,
  MAX_SHEET,
  type PartSettings,
  SHEET_KIND_NAMES,
  type Sheet,
  type SheetKindName,
  type SheetPart,
} from "@/core/sheet/sheet";
import { Button, IconButton, TurnButton } from "@/kit/button";
import { Labelled } from "@/kit/labelled";
import { Segments } from "@/kit/segments";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import { CheckedField } from "../prepare/checked-field";
import { SettingFields } from "../prepare/setting-fields";

type Props = {
  sheet: Sheet;
  onChange: (sheet: Sheet) => void;
  /** Views of the board on show, as parts. */
  fromBoard: readonly { readonly label: string; readonly part: () => PartSettings | null }[];
  showOnBoard: (part: SheetPart) => void;
};

const PAPERS = [
  { value: "a4 upright", label: "A4 upright" },
  { value: "a4 lying", label: "A4 lying" },
  { value: "letter upright", label: "Letter upright" },
  { value: "letter lying", label: "Letter lying" },
] as const;
const KINDS = SHEET_KIND_NAMES.filter((kind) => kind !== "view").map((value) => ({
  value,
  label: SHEET_KINDS[value].name,
}));

/** The settings of a sheet, and its parts. */
export function SheetPanel({ sheet, onChange, fromBoard, showOnBoard }: Props) {
  const [open, setOpen] = useState<string | null>(sheet.parts[0]?.id ?? null);
  const set = (part: Partial<Sheet>) => onChange({ ...sheet, ...part });
  const { parts } = sheet;
  const byChance = isByChance(sheet);
  const setPart = (next: SheetPart) => set({ parts: parts.map((one) => (one.id === next.id ? next : one)) });
  const swap = (at: number, by: 1 | -1) =>
    set({ parts: parts.with(at, parts[at + by]!).with(at + by, parts[at]!) });
  const add = (of: PartSettings | null) => {
    if (!of) return;
    const part = { id: nanoid(8), instruction: "", of };
    set({ parts: [...parts, part] });
    setOpen(part.id);
  };
  return (
    <div className="flex w-[21.25rem] shrink-0 flex-col gap-3 overflow-y-auto *:shrink-0 rounded-card bg-board p-4 portrait:max-h-[44%] portrait:w-full">
      <CheckedField
        label="Title"
        of={sheet.id}
        numeric={false}
        value={sheet.title}
        read={(typed) =>
          typed.trim() === ""
            ? { ok: false, message: "Give the sheet a title." }
            : { ok: true, value: typed.trim().slice(0, MAX_SHEET.title) }
        }
        onTake={(title) => set({ title })}
      />
      <div className="grid grid-cols-2 gap-3">
        <div className="grid">
          <Labelled label="Paper">
            <Select
              label="Paper"
              value={`${sheet.paper} ${sheet.way}`}
              options={PAPERS}
              onChange={(value) => {
                const [paper, way] = value.split(" ") as [Sheet["paper"], Sheet["way"]];
                set({ paper, way });
              }}
            />
          </Labelled>
        </div>
        <CheckedField
          label={byChance ? "Copies that differ" : "Copies, all alike"}
          of={sheet.id}
          value={String(sheet.copies)}
          read={(typed) => readWhole(typed, 1, MAX_SHEET.copies)}
          onTake={(copies) => set({ copies })}
        />
      </div>
      <Segments
        label="Colours"
        value={sheet.ink}
        onChange={(ink) => set({ ink })}
        options={[
          { value: "colour", label: "In colour" },
          { value: "grey", label: "Grey" },
        ]}
      />
      <div>
        <Switch label="A line for the name" on={sheet.name} onChange={(name) => set({ name })} />
        <Switch
          label="Answers on a page of their own"
          on={sheet.answers}
          onChange={(answers) => set({ answers })}
        />
      </div>
      {byChance && (
        <Button onClick={() => set({ seed: crypto.getRandomValues(new Uint32Array(1))[0]! >>> 1 })}>
          <Dices aria-hidden size={19} /> Draw other numbers
        </Button>
      )}
      <h2 className="mt-2 font-bold">On this sheet</h2>
      <ul className="flex flex-col gap-2">
        {parts.map((part, at) => (
          <li key={part.id} className="rounded-button bg-mist">
            <div className="flex items-center">
              <TurnButton
                aria-expanded={open === part.id}
                onClick={() => setOpen(open === part.id ? null : part.id)}
                className="flex min-h-press min-w-0 flex-1 items-center gap-2 rounded-button px-3 text-left font-semibold"
              >
                {open === part.id ? (
                  <ChevronDown aria-hidden size={18} />
                ) : (
                  <ChevronRight aria-hidden size={18} />
                )}
                <span className="py-1 leading-tight">
                  {at + 1} {kindOfPart(part.of).name}
                </span>
              </TurnButton>
              {at > 0 && (
                <IconButton name={`Move earlier: part ${at + 1}`} onClick={() => swap(at, -1)}>
                  <ArrowUp aria-hidden size={18} />
                </IconButton>
              )}
              {at < parts.length - 1 && (
                <IconButton name={`Move later: part ${at + 1}`} onClick={() => swap(at, 1)}>
                  <ArrowDown aria-hidden size={18} />
                </IconButton>
              )}
              {parts.length > 1 && (
                <IconButton
                  name={`Remove: part ${at + 1}`}
                  onClick={() => set({ parts: parts.filter((one) => one !== part) })}
                >
                  <Trash2 aria-hidden size={18} />
                </IconButton>
              )}
            </div>
            {open === part.id && (
              <div className="flex flex-col gap-3 px-3 pb-3">
                <SettingFields
                  of={part.id}
                  fields={kindOfPart(part.of).fields}
                  settings={part.of}
                  schema={kindOfPart(part.of).schema}
                  onSet={(changed) => setPart({ ...part, of: { ...part.of, ...changed } as PartSettings })}
                />
                <CheckedField
                  label="What pupils do, in your words"
                  of={part.id}
                  numeric={false}
                  value={part.instruction}
                  read={(typed) => ({ ok: true, value: typed.trim().slice(0, MAX_SHEET.instruction) })}
                  onTake={(instruction) => setPart({ ...part, instruction })}
                />
                {viewOnPaper(sheet, part) && (
                  <Button onClick={() => showOnBoard(part)}>
                    <MonitorUp aria-hidden size={19} /> Show it on a board
                  </Button>
                )}
              </div>
            )}
          </li>
        ))}
      </ul>
      {parts.length < MAX_SHEET.parts && (
        <>
          <Select
            label="Add to the sheet"
            value={"" as SheetKindName}
            placeholder="Add to the sheet"
            options={KINDS}
            onChange={(kind) => add(SHEET_KINDS[kind].starts)}
          />
          {fromBoard.map(({ label, part }) => (
            <Button key={label} onClick={() => add(part())}>
              Add from the board: {label}
            </Button>
          ))}
        </>
      )}
    </div>
  );
}
