"use client";

import { createElement } from "react";
import { KIND_NAMES, type KindName, kindOfView, type View } from "@/core/views/view";
import { Busy } from "@/kit/busy";
import { type Later, later } from "@/kit/later";
import { PenOver } from "../pen/use-pen-over";
import { DrawnBoard } from "../store/use-board";
import { STAGES } from "./views";

type Stage = Later<{ view: View; strong: boolean }>;
const LATER = Object.fromEntries(
  KIND_NAMES.map((kind) => [kind, later(STAGES[kind] as unknown as () => Promise<Stage>, Busy)]),
) as Record<KindName, Stage>;

/** The stage of a kind of view. */
export const stageOf = (kind: KindName): Later<{ view: View; strong: boolean }> => LATER[kind];

/** Loads what views of given kinds need. */
export const bringStages = (kinds: readonly KindName[]) =>
  Promise.all([...new Set(kinds)].map((kind) => LATER[kind].bring()));

type StageProps = {
  view: View;
  /** The board that the view is on. */
  board: string;
  strong: boolean;
};

/**
 * One view of the board, filling its place. Views of two boards may have the same id; what a hand has begun on one of them,
 * a keypad opened or a card chosen, is not carried over to the other.
 */
export function ViewStage({ view, board, strong }: StageProps) {
  const key = `${board} ${view.id}`;
  const stage = createElement(LATER[view.kind], { key, view, strong });
  return (
    <DrawnBoard value={board}>
      {/* If numbers have no places of their own, the pen draws over the whole view. */}
      {kindOfView(view).surface === undefined ? (
        <PenOver key={key} view={view.id}>
          {stage}
        </PenOver>
      ) : (
        stage
      )}
    </DrawnBoard>
  );
}
