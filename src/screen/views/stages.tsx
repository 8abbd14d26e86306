"use client";

import { createElement } from "react";
import { KIND_NAMES, type KindName, type View } from "@/core/views/view";
import { Busy } from "@/kit/busy";
import { type Later, later } from "@/kit/later";
import { DRAWINGS } from "@/view/board/drawings";
import { PenOver } from "../pen/use-pen-over";
import { VIEWS } from "./views";

type Stage = Later<{ view: View; strong: boolean }>;
const STAGES = Object.fromEntries(
  KIND_NAMES.map((kind) => [kind, later(VIEWS[kind].stage as unknown as () => Promise<Stage>, Busy)]),
) as Record<KindName, Stage>;

/** The stage of a kind of view. */
export const stageOf = (kind: KindName): Later<{ view: View; strong: boolean }> => STAGES[kind];

/** Fetches what views of some kinds need to stand. */
export const bringStages = (kinds: readonly KindName[]) =>
  Promise.all([...new Set(kinds)].map((kind) => STAGES[kind].bring()));

/** One view of the board, filling its place. */
export function ViewStage({ view, strong }: { view: View; strong: boolean }) {
  const stage = createElement(STAGES[view.kind], { key: view.id, view, strong });
  return DRAWINGS[view.kind].drawnOver ? (
    <PenOver key={view.id} view={view.id}>
      {stage}
    </PenOver>
  ) : (
    stage
  );
}
