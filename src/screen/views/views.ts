import type { ComponentType } from "react";
import type { KindName, ViewOf } from "@/core/views/view";

/** A view of a kind on the board, with touch and keys. */
export type StageProps<K extends KindName> = { view: ViewOf<K>; strong: boolean };

/** What a kind of view has on the screen, beside its drawing; each part is fetched when it is needed. */
type OnScreen<K extends KindName> = {
  readonly stage: () => Promise<ComponentType<StageProps<K>>>;
  /** What it is set up with, beside what its kind in core asks for. */
  readonly fields: (() => Promise<ComponentType<{ view: ViewOf<K> }>>) | null;
};

const ofLine = {
  stage: () => import("./line/stage").then((part) => part.LineStage),
  fields: () => import("./line/fields").then((part) => part.LineFields),
};

/** The kinds of view on the screen. A kind that lacks a part does not compile. */
export const VIEWS: { readonly [K in KindName]: OnScreen<K> } = {
  chart: {
    stage: () => import("./chart/stage").then((part) => part.ChartStage),
    fields: () => import("./chart/fields").then((part) => part.ChartFields),
  },
  times: {
    stage: () => import("./times/stage").then((part) => part.TimesStage),
    fields: () => import("./times/fields").then((part) => part.TimesFields),
  },
  line: ofLine,
  strip: ofLine,
  trail: {
    stage: () => import("./trail/stage").then((part) => part.TrailStage),
    fields: null,
  },
  sentence: {
    stage: () => import("./sentence/stage").then((part) => part.SentenceStage),
    fields: null,
  },
  way: {
    stage: () => import("./way/stage").then((part) => part.WayStage),
    fields: null,
  },
  "place-value": {
    stage: () => import("./place-value/stage").then((part) => part.PlaceValueStage),
    fields: null,
  },
  stops: {
    stage: () => import("./stops/stage").then((part) => part.StopsStage),
    fields: () => import("./stops/fields").then((part) => part.StopsFields),
  },
  frames: {
    stage: () => import("./frames/stage").then((part) => part.FramesStage),
    fields: null,
  },
  groups: {
    stage: () => import("./groups/stage").then((part) => part.GroupsStage),
    fields: null,
  },
  "higher-lower": {
    stage: () => import("./higher-lower/stage").then((part) => part.HigherLowerStage),
    fields: null,
  },
  say: {
    stage: () => import("./say/stage").then((part) => part.SayStage),
    fields: null,
  },
  cards: {
    stage: () => import("./cards/stage").then((part) => part.CardsStage),
    fields: () => import("./cards/fields").then((part) => part.CardsFields),
  },
  diagram: {
    stage: () => import("./diagram/stage").then((part) => part.DiagramStage),
    fields: null,
  },
  graph: {
    stage: () => import("./graph/stage").then((part) => part.GraphStage),
    fields: null,
  },
  time: {
    stage: () => import("./time/stage").then((part) => part.TimeStage),
    fields: null,
  },
  order: {
    stage: () => import("./order/stage").then((part) => part.OrderStage),
    fields: null,
  },
  pairs: {
    stage: () => import("./pairs/stage").then((part) => part.PairsStage),
    fields: null,
  },
  compare: {
    stage: () => import("./compare/stage").then((part) => part.CompareStage),
    fields: null,
  },
  problems: {
    stage: () => import("./problems/stage").then((part) => part.ProblemsStage),
    fields: () => import("./problems/fields").then((part) => part.ProblemFields),
  },
  arrows: {
    stage: async () => () => null,
    fields: null,
  },
};
