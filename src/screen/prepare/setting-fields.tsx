"use client";

import { clsx } from "clsx";
import { readNumber } from "@/core/number/read-number";
import { readNumbers } from "@/core/number/read-numbers";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { isAsked, partsSet } from "@/core/views/asked";
import type { KindField } from "@/core/views/kind";
import type * as z from "@/core/zod";
import { Choice } from "@/kit/choice";
import { ChoiceRows } from "@/kit/choice-rows";
import { Labelled } from "@/kit/labelled";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import type { DraftRead } from "@/kit/use-drafts";
import { OwnField } from "./checked-field";

type Props = {
  fields: readonly KindField[];
  settings: object;
  /**
   * The schema of the settings: typed values that do not fit are refused with the reason. Without it each field stands
   * alone.
   */
  schema?: z.ZodMiniObject;
  onSet: (part: object) => void;
  /** What the settings belong to. */
  of: string;
  /** The number of columns. */
  beside?: 2 | 4;
};

/** In the narrowest form, beside the arrow of the list. */
const LETTERS_OF_A_COLUMN = 10;

/** Two fields of so few letters stand beside each other. */
const SHORT = 20;

/** The fields that a kind of view, or of part of a sheet, is set up with. */
export function SettingFields({ fields, beside = 2, onSet, ...rest }: Props) {
  if (fields.length === 0) return null;
  const set = (part: string, value: unknown) => onSet(partsSet(fields, rest.settings, part, value));
  const asked = fields.filter((field) => isAsked(field, rest.settings));
  return (
    <div className={clsx("grid grid-cols-2 gap-x-3 gap-y-2.5", beside === 4 && "items-end sm:grid-cols-4")}>
      {alike(asked).map(([field, ...others]) =>
        "options" in field && others.length > 0 ? (
          <div key={field.part} className="col-span-2">
            <ChoiceRows
              options={field.options}
              rows={[field, ...others].map(({ part, label }) => ({
                label,
                value: String((rest.settings as Readonly<Record<string, unknown>>)[part]),
                onChange: (value) => set(part, value),
              }))}
            />
          </div>
        ) : (
          <SettingField key={field.part} field={field} {...rest} onSet={(value) => set(field.part, value)} />
        ),
      )}
    </div>
  );
}

/** Groups consecutive fields that have the same choices. */
function alike(fields: readonly KindField[]): [KindField, ...KindField[]][] {
  const groups: [KindField, ...KindField[]][] = [];
  for (const field of fields) {
    const last = groups.at(-1)?.[0];
    const isSame =
      last !== undefined &&
      "options" in last &&
      "options" in field &&
      JSON.stringify(last.options) === JSON.stringify(field.options);
    if (isSame) groups.at(-1)!.push(field);
    else groups.push([field]);
  }
  return groups;
}

function SettingField({
  field,
  settings,
  schema,
  onSet,
  of,
}: Omit<Props, "fields" | "beside" | "onSet"> & { field: KindField; onSet: (value: unknown) => void }) {
  const { part, label } = field;
  const value = (settings as Readonly<Record<string, unknown>>)[part];
  if ("options" in field) {
    return (
      <div className="col-span-2">
        <Choice label={label} value={String(value)} options={field.options} onChange={onSet} />
      </div>
    );
  }
  if ("switched" in field) {
    const { off, on } = field.switched;
    return (
      <div className="col-span-2">
        <Switch label={label} on={value === on} onChange={(is) => onSet(is ? on : off)} />
      </div>
    );
  }
  if ("list" in field) {
    const isLong = field.list.some((one) => one.label.length > LETTERS_OF_A_COLUMN);
    return (
      <div className={clsx("grid grid-cols-[minmax(0,1fr)] [&_button]:max-w-full", isLong && "col-span-2")}>
        <Labelled label={label}>
          <Select label={label} value={String(value)} options={field.list} onChange={onSet} />
        </Labelled>
      </div>
    );
  }
  const { shown, read } = typedIn(field, value);
  return (
    <OwnField
      label={label}
      of={of}
      numeric={!("text" in field)}
      className={"numbers" in field || ("text" in field && field.text.max > SHORT) ? "col-span-2" : ""}
      value={shown}
      read={(typed) => {
        const found = read(typed);
        // Values that a lesson does not accept are refused here, with the reason.
        const whole = found.ok && schema ? schema.safeParse({ ...settings, [part]: found.value }) : null;
        const issue = whole?.error?.issues[0];
        return issue ? { ok: false, message: issue.message } : found;
      }}
      onTake={onSet}
    />
  );
}

type Typed = { shown: string; read: (typed: string) => DraftRead<unknown, "field"> };

/** How a field displays its setting and reads typed text. */
function typedIn(field: KindField, value: unknown): Typed {
  if ("whole" in field) {
    const { min, max } = field.whole;
    return { shown: showNumber(String(value)), read: (typed) => readWhole(typed, min, max) };
  }
  if ("numbers" in field) {
    const { min, max } = field.numbers;
    return {
      shown: (value as readonly string[]).map((text) => showNumber(text)).join(", "),
      read: (typed) => {
        const found = readNumbers(typed, min, max);
        return found.ok ? { ok: true, value: found.texts } : found;
      },
    };
  }
  if ("text" in field) {
    const { max } = field.text;
    return {
      shown: String(value),
      read: (typed) =>
        typed.trim().length > max
          ? { ok: false, message: `Write at most ${max} characters.` }
          : { ok: true, value: typed.trim() },
    };
  }
  return {
    shown: showNumber(String(value)),
    read: (typed) => {
      const found = readNumber(typed);
      return found.ok ? { ok: true, value: found.text } : found;
    },
  };
}
