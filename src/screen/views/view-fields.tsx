"use client";

import { createElement } from "react";
import { readNumber } from "@/core/number/read-number";
import { readNumbers } from "@/core/number/read-numbers";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import type { KindField } from "@/core/views/kind";
import { KIND_NAMES, type KindName, kindOfView, type View } from "@/core/views/view";
import { Choice } from "@/kit/choice";
import { Labelled } from "@/kit/labelled";
import { type Later, later } from "@/kit/later";
import { Select } from "@/kit/select";
import type { DraftRead } from "@/kit/use-drafts";
import { CheckedField } from "../prepare/checked-field";
import { useLay } from "../store/use-board";
import { VIEWS } from "./views";

type Fields = Later<{ view: View }>;
const OWN_FIELDS = Object.fromEntries(
  KIND_NAMES.flatMap((kind) => {
    const { fields } = VIEWS[kind];
    return fields ? [[kind, later(fields as () => Promise<Fields>)]] : [];
  }),
) as { readonly [K in KindName]?: Fields };

/** What a view is set up with: the fields that its kind asks for, and those that need a form of their own. */
export function ViewFields({ view }: { view: View }) {
  const own = OWN_FIELDS[view.kind];
  return (
    <>
      <AskedFields key={`${view.id} asked`} view={view} />
      {own && createElement(own, { key: view.id, view })}
    </>
  );
}

function AskedFields({ view }: { view: View }) {
  const { fields } = kindOfView(view);
  if (fields.length === 0) return null;
  return (
    <div className="grid grid-cols-2 gap-3">
      {fields.map((field) => (
        <AskedField key={field.part} view={view} field={field} />
      ))}
    </div>
  );
}

function AskedField({ view, field }: { view: View; field: KindField }) {
  const lay = useLay(view);
  const { part, label } = field;
  const value = (view as Readonly<Record<string, unknown>>)[part];
  const set = (next: unknown) => lay(() => ({ [part]: next }) as Partial<View>);
  if ("options" in field) {
    return (
      <div className="col-span-2">
        <Choice label={label} value={String(value)} options={field.options} onChange={set} />
      </div>
    );
  }
  if ("list" in field) {
    return (
      <div className="grid">
        <Labelled label={label}>
          <Select label={label} value={String(value)} options={field.list} onChange={set} />
        </Labelled>
      </div>
    );
  }
  const { shown, read } = typedIn(field, value);
  return (
    <CheckedField
      label={label}
      numeric={!("text" in field)}
      className={"numbers" in field ? "col-span-2" : ""}
      value={shown}
      read={(typed) => {
        const found = read(typed);
        // What the lesson does not take is refused here, with its reason.
        const whole = found.ok ? kindOfView(view).schema.safeParse({ ...view, [part]: found.value }) : null;
        const issue = whole?.error?.issues[0];
        return issue ? { ok: false, message: issue.message } : found;
      }}
      onTake={set}
    />
  );
}

type Typed = { shown: string; read: (typed: string) => DraftRead<unknown, "field"> };

/** How a field shows its setting and reads what is typed. */
function typedIn(field: KindField, value: unknown): Typed {
  if ("whole" in field) {
    const { least, most } = field.whole;
    return { shown: showNumber(String(value)), read: (typed) => readWhole(typed, least, most) };
  }
  if ("numbers" in field) {
    const { least, most } = field.numbers;
    return {
      shown: (value as readonly string[]).map((text) => showNumber(text)).join(", "),
      read: (typed) => {
        const found = readNumbers(typed, least, most);
        return found.ok ? { ok: true, value: found.texts } : found;
      },
    };
  }
  if ("text" in field) {
    const { most } = field.text;
    return {
      shown: String(value),
      read: (typed) =>
        typed.trim().length > most
          ? { ok: false, message: `Write at most ${most} characters.` }
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
