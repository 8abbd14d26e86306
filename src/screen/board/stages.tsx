"use client";

import type { ComponentType } from "react";
import type { KindName, ViewOf } from "@/core/views/view";
import { PenOver } from "../pen/use-pen-over";
import { ChartStage } from "./chart-stage";
import {
  CompareStage,
  LineStage,
  PairsStage,
  ProblemsStage,
  SentenceStage,
  TimesStage,
  WayStage,
} from "./later";
import { TrailStage } from "./trail-stage";

/** A view of a kind on the board, with touch and keys. */
export type StageProps<K extends KindName> = { view: ViewOf<K>; strong: boolean };
type Stage<K extends KindName> = ComponentType<StageProps<K>>;

/** A stage of a view without places of its own for numbers: what is drawn over it belongs to the view. */
const drawnOver = <K extends KindName>(Under: Stage<K>): Stage<K> =>
  function DrawnOver(props) {
    return (
      <PenOver view={props.view.id}>
        <Under {...props} />
      </PenOver>
    );
  };

/** The stage of each kind of view. Arrows stand with the tools, and not in the layout. */
export const STAGES: { readonly [K in KindName]: Stage<K> } = {
  chart: ChartStage,
  times: TimesStage,
  line: LineStage as Stage<"line">,
  strip: LineStage as Stage<"strip">,
  trail: drawnOver<"trail">(TrailStage),
  sentence: drawnOver<"sentence">(SentenceStage),
  way: drawnOver<"way">(WayStage),
  pairs: drawnOver<"pairs">(PairsStage),
  compare: drawnOver<"compare">(CompareStage),
  problems: drawnOver<"problems">(ProblemsStage),
  arrows: () => null,
};
