"use client";

import { type ComponentType, createElement } from "react";
import { KINDS } from "@/core/views/kinds";
import { type KindName, kindOfView, type View, type ViewOf } from "@/core/views/view";
import * as z from "@/core/zod";
import { type Later, later } from "@/kit/later";
import type { Part } from "@/kit/parts";
import { SettingFields } from "../prepare/setting-fields";
import { pickBoard, useBoard, useLay } from "../store/use-board";

/** `more` are parts of the page that belong to the view even if it stands beside others. */
type FieldsProps<V> = { view: V; more?: readonly Part[] };

/** The forms of kinds of view beyond the fields listed in core; loaded when needed. */
const FIELDS: { readonly [K in KindName]?: () => Promise<ComponentType<FieldsProps<ViewOf<K>>>> } = {
  chart: () => import("./chart/fields").then((part) => part.ChartFields),
  times: () => import("./times/fields").then((part) => part.TimesFields),
  line: () => import("./line/fields").then((part) => part.LineFields),
  strip: () => import("./line/fields").then((part) => part.LineFields),
  stops: () => import("./stops/fields").then((part) => part.StopsFields),
  cards: () => import("./cards/fields").then((part) => part.CardsFields),
  problems: () => import("./problems/fields").then((part) => part.ProblemFields),
};

type Fields = Later<FieldsProps<View>>;
const OWN_FIELDS = Object.fromEntries(
  Object.entries(FIELDS).map(([kind, fields]) => [kind, later(fields as () => Promise<Fields>)]),
) as { readonly [K in KindName]?: Fields };

/** Whether there is anything to set up of a kind of view. */
export const hasFields = (kind: KindName): boolean =>
  OWN_FIELDS[kind] !== undefined || KINDS[kind].fields.length > 0;

/** The set-up of a view: the fields listed by its kind, and those that need a form of their own. */
export function ViewFields({ view, more }: FieldsProps<View>) {
  const own = OWN_FIELDS[view.kind];
  return (
    <>
      <AskedFields key={`${view.id} asked`} view={view} />
      {own && createElement(own, { key: view.id, view, ...(more && { more }) })}
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
