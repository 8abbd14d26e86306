"use client";

import { createElement } from "react";
import * as z from "zod/mini";
import { KIND_NAMES, type KindName, kindOfView, type View } from "@/core/views/view";
import { type Later, later } from "@/kit/later";
import { SettingFields } from "../prepare/setting-fields";
import { pickBoard, useBoard, useLay } from "../store/use-board";
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
  const board = useBoard((state) => pickBoard(state).id);
  const { fields, schema } = kindOfView(view);
  return (
    <SettingFields
      of={`${board} ${view.id}`}
      fields={fields}
      settings={view}
      schema={schema(z)}
      onSet={(part) => lay(() => part as Partial<View>)}
    />
  );
}
