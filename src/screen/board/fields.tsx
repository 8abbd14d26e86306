"use client";

import type { ComponentType } from "react";
import type { KindName, View, ViewOf } from "@/core/views/view";
import { LineFields } from "../line/line-fields";
import { CompareFields, ProblemFields, SentenceFields } from "../line/view-fields";
import { TimesFields } from "../times/times-fields";
import { ChartFields } from "./chart-fields";

type Fields<K extends KindName> = ComponentType<{ view: ViewOf<K> }>;
const NONE = () => null;

/** What each kind of view is set up with. */
const FIELDS: { readonly [K in KindName]: Fields<K> } = {
  chart: ChartFields,
  times: TimesFields,
  line: LineFields,
  strip: LineFields,
  trail: NONE,
  sentence: SentenceFields,
  way: NONE,
  pairs: NONE,
  compare: CompareFields,
  problems: ProblemFields,
  arrows: NONE,
};

/** The fields of a view. */
export function ViewFields<V extends View>({ view }: { view: V }) {
  const Of = FIELDS[view.kind] as ComponentType<{ view: V }>;
  return <Of key={view.id} view={view} />;
}
