"use client";

import type { LineView } from "@/core/lesson/views-of";
import { showNumber } from "@/core/number/show-number";
import { changeLine, type LinePart } from "@/core/surface/change-line";
import { type AnyLine, type LineSettings, lineAs, type StripSettings } from "@/core/surface/line";
import { Choice } from "@/kit/choice";
import { Labelled } from "@/kit/labelled";
import { type Part, Parts } from "@/kit/parts";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import { DraftField, useBoardDrafts } from "../../prepare/checked-field";
import { useLay } from "../../store/use-board";
import { LineGallery } from "./gallery";

/** The numbers of a line or strip: its ends, intervals and parts, what is labelled and how, and its pointer. */
export function LineFields({ view: line, more = [] }: { view: LineView; more?: readonly Part[] }) {
  const lay = useLay(line);
  const set = (part: Partial<LineSettings> & Partial<StripSettings>) => lay(() => part as Partial<LineView>);
  const values = Object.fromEntries(PARTS.map((part) => [part, shown(line, part)])) as Record<
    LinePart,
    string
  >;
  const drafts = useBoardDrafts(
    line.id,
    values,
    (typed) => changeLine(line, typed),
    (next) => lay(() => next as Partial<LineView>),
  );
  const field = (part: LinePart, label: string, className?: string) => (
    <DraftField
      label={label}
      numeric={part !== "unit" && part !== "chosen"}
      className={className}
      {...drafts.field(part)}
    />
  );
  const range = (
    <div {...drafts.group} className={GROUP}>
      <div className="grid grid-cols-2 gap-3">
        {field("from", "From")}
        {field("to", "To")}
        {field("interval", "Interval")}
        {field("divisions", "Parts in each interval")}
      </div>
      {line.kind === "line" && (
        <Choice
          label="Shape"
          value={line.shape}
          options={[
            { value: "flat", label: "Flat" },
            { value: "upright", label: "Upright" },
            { value: "ring", label: "Circle" },
          ]}
          onChange={(shape) => set({ shape })}
        />
      )}
      <div className="-my-1">
        {line.kind === "line" && (
          <Switch
            label="Empty line: only the numbers you use"
            on={line.open}
            onChange={(open) => set({ open })}
          />
        )}
        <Switch label="Fixed: does not slide" on={line.pinned} onChange={(pinned) => set({ pinned })} />
      </div>
    </div>
  );
  const labels = (
    <div {...drafts.group} className={GROUP}>
      <Labelled label="Labels">
        <Select
          label="Labels"
          value={line.labels}
          options={[
            { value: "all", label: "All" },
            { value: "ends", label: "Ends" },
            { value: "every", label: "Every few" },
            { value: "chosen", label: "My choice" },
            { value: "none", label: "None" },
          ]}
          onChange={(labels) => set({ labels })}
        />
      </Labelled>
      {line.labels === "every" && field("every", "Label every … intervals")}
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
    </div>
  );
  const pointer = (
    <Labelled label="Number at the pointer">
      <Select
        label="Number at the pointer"
        value={line.pointer}
        options={[
          { value: "shown", label: "Shown" },
          { value: "covered", label: "Covered" },
          { value: "until-still", label: "Hidden while it moves" },
          { value: "off", label: "No pointer" },
        ]}
        onChange={(pointer) => set({ pointer })}
      />
    </Labelled>
  );
  const gallery = (
    <LineGallery onChoose={(start) => lay(() => lineAs(start, line.kind) as Partial<LineView>)} />
  );
  return (
    <Parts
      label={line.kind === "line" ? "Parts of the line" : "Parts of the strip"}
      parts={[
        { id: "range", name: "Range", content: range },
        { id: "labels", name: "Labels", content: labels },
        { id: "pointer", name: "Pointer", content: pointer },
        ...more,
        { id: "start", name: "Start from", content: gallery },
      ]}
    />
  );
}

/**
 * The fields of a part are left together: what could not be used is reported then, and does not hold up another part.
 */
const GROUP = "flex flex-col gap-3 short:gap-2";

const PARTS: readonly LinePart[] = ["from", "to", "interval", "divisions", "every", "chosen", "unit"];

function shown(line: AnyLine, part: LinePart): string {
  switch (part) {
    case "divisions":
    case "every":
      return String(line[part]);
    case "chosen":
      return line.chosen.map(showNumber).join("; ");
    case "unit":
      return line.unit;
    default:
      return showNumber(line[part]);
  }
}
