"use client";

import { withView } from "@/core/lesson/views-of";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import {
  type AnyLine,
  LineSettings,
  lineAs,
  MOST_CHOSEN,
  MOST_DIVISIONS,
  StripSettings,
} from "@/core/surface/line";
import { Choice } from "@/kit/choice";
import { Labelled } from "@/kit/labelled";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import { CheckedField } from "../board/checked-field";
import { pickBoard, useBoard, useBoardStore } from "../board/use-board";
import { LineGallery } from "./line-gallery";

type Part = "from" | "to" | "interval" | "divisions" | "every" | "chosen" | "unit";

/** The numbers of a line or strip: its ends, intervals and parts, what is labelled and how, and its pointer. */
export function LineFields({ kind }: { kind: AnyLine["kind"] }) {
  const line = useBoard((state) =>
    pickBoard(state).views.find((view): view is AnyLine => view.kind === kind),
  );
  const store = useBoardStore();
  if (!line) return null;
  const lay = (next: AnyLine) =>
    store.getState().change((state) => ({ ...state, board: withView(state.board, next) }));
  const set = (part: Partial<LineSettings> & Partial<StripSettings>) => lay({ ...line, ...part } as AnyLine);
  const field = (part: Part, label: string, className?: string) => (
    <CheckedField
      label={label}
      numeric={part !== "unit" && part !== "chosen"}
      value={shown(line, part)}
      check={(typed) => withPart(line, part, typed).message}
      onTake={(typed) => {
        const { next } = withPart(line, part, typed);
        if (next) lay(next);
      }}
      {...(className ? { className } : {})}
    />
  );
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 gap-3">
        {field("from", "From")}
        {field("to", "To")}
        {field("interval", "Interval")}
        {field("divisions", "Parts of each")}
      </div>
      {line.kind === "line" && (
        <Choice
          label="Lies"
          value={line.shape}
          options={[
            { value: "flat", label: "Flat" },
            { value: "upright", label: "Upright" },
            { value: "ring", label: "Ring" },
          ]}
          onChange={(shape) => set({ shape })}
        />
      )}
      <Choice
        label="Labels"
        value={line.labels}
        options={[
          { value: "all", label: "All" },
          { value: "ends", label: "Ends" },
          { value: "every", label: "Some" },
          { value: "chosen", label: "Chosen" },
          { value: "none", label: "None" },
        ]}
        onChange={(labels) => set({ labels })}
      />
      {line.labels === "every" && field("every", "Label one interval in")}
      {line.labels === "chosen" && field("chosen", "Numbers with a label")}
      {line.kind === "line" && (
        <Choice
          label="Ticks"
          value={line.ticks}
          options={[
            { value: "all", label: "All" },
            { value: "labelled", label: "Labelled" },
            { value: "none", label: "None" },
          ]}
          onChange={(ticks) => set({ ticks })}
        />
      )}
      <Labelled label="Numbers are written">
        <Select
          label="Numbers are written"
          value={line.numbers}
          options={[
            { value: "decimal", label: "As decimals: 1.25" },
            { value: "mixed", label: "As mixed numbers: 1 1/4" },
            { value: "parts", label: "In the parts: 5/4, 4/4" },
            { value: "lowest", label: "In lowest terms: 5/4, 1" },
          ]}
          onChange={(numbers) => set({ numbers })}
        />
      </Labelled>
      {field("unit", "Unit, such as metres")}
      <Choice
        label="The pointer's number is"
        value={line.pointer}
        options={[
          { value: "shown", label: "Shown" },
          { value: "covered", label: "Covered" },
          { value: "until-still", label: "Till still" },
          { value: "off", label: "Off" },
        ]}
        onChange={(pointer) => set({ pointer })}
      />
      <div className="-my-1">
        {line.kind === "line" && (
          <Switch
            label="Open line: only what is put on it"
            on={line.open}
            onChange={(open) => set({ open })}
          />
        )}
        <Switch label="Pinned: it does not slide" on={line.pinned} onChange={(pinned) => set({ pinned })} />
      </div>
      <LineGallery
        onChoose={(start) =>
          store
            .getState()
            .change((state) => ({ ...state, board: withView(state.board, lineAs(start, kind)) }))
        }
      />
    </div>
  );
}

function shown(line: AnyLine, part: Part): string {
  switch (part) {
    case "divisions":
    case "every":
      return String(line[part]);
    case "chosen":
      return line.chosen.map(showNumber).join(" ; ");
    case "unit":
      return line.unit;
    default:
      return showNumber(line[part]);
  }
}

/** The line with one part as typed, or the message that says why not. */
function withPart(line: AnyLine, part: Part, typed: string): { next?: AnyLine; message?: string } {
  const read = readPart(part, typed);
  if (!read.ok) return { message: read.message };
  const schema = line.kind === "line" ? LineSettings : StripSettings;
  const checked = schema.safeParse({ ...line, [part]: read.value });
  return checked.success ? { next: checked.data } : { message: checked.error.issues[0]!.message };
}

type PartRead = { ok: true; value: unknown } | { ok: false; message: string };

function readPart(part: Part, typed: string): PartRead {
  switch (part) {
    case "unit":
      return { ok: true, value: typed };
    case "divisions":
      return readWhole(typed, 1, MOST_DIVISIONS);
    case "every":
      return readWhole(typed, 1, 100);
    case "chosen": {
      // A comma may be a decimal sign, so numbers are told apart by spaces and semicolons.
      const texts = typed.split(/[;\s]+/).filter((text) => text !== "");
      if (texts.length > MOST_CHOSEN) return { ok: false, message: "Write at most 60 numbers." };
      const values: string[] = [];
      for (const text of texts) {
        const read = readNumber(text);
        if (!read.ok) return { ok: false, message: `“${text.slice(0, 20)}”: ${read.message}` };
        values.push(read.text);
      }
      return { ok: true, value: values };
    }
    default: {
      const read = readNumber(typed);
      return read.ok ? { ok: true, value: read.text } : read;
    }
  }
}
