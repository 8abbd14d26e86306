"use client";

import { createElement } from "react";
import { readNumber } from "@/core/number/read-number";
import { showNumber } from "@/core/number/show-number";
import { KIND_NAMES, type KindName, kindOfView, type View } from "@/core/views/view";
import { Choice } from "@/kit/choice";
import { Labelled } from "@/kit/labelled";
import { type Later, later } from "@/kit/later";
import { Select } from "@/kit/select";
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
  const lay = useLay(view);
  const { fields } = kindOfView(view);
  const settings: Readonly<Record<string, unknown>> = view;
  if (fields.length === 0) return null;
  return (
    <div className="grid grid-cols-2 gap-3">
      {fields.map((field) => {
        const { part, label } = field;
        const set = (value: string) => lay(() => ({ [part]: value }) as Partial<View>);
        return "options" in field ? (
          <div key={part} className="col-span-2">
            <Choice label={label} value={String(settings[part])} options={field.options} onChange={set} />
          </div>
        ) : "list" in field ? (
          <div key={part} className="col-span-2 grid">
            <Labelled label={label}>
              <Select label={label} value={String(settings[part])} options={field.list} onChange={set} />
            </Labelled>
          </div>
        ) : (
          <CheckedField
            key={part}
            label={label}
            numeric
            value={showNumber(String(settings[part]))}
            read={(typed) => {
              const read = readNumber(typed);
              return read.ok ? { ok: true, value: read.text } : read;
            }}
            onTake={set}
          />
        );
      })}
    </div>
  );
}
