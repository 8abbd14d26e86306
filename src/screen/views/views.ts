import type { ComponentType } from "react";
import type { KindName, ViewOf } from "@/core/views/view";

/** A view of a kind on the board, with touch and keys. */
export type StageProps<K extends KindName> = { view: ViewOf<K>; strong: boolean };

/** Loads the stage of a kind of view. */
type Stage<K extends KindName> = () => Promise<ComponentType<StageProps<K>>>;

const ofLine = () => import("./line/stage").then((part) => part.LineStage);

/** The stages of all kinds of view. A kind that lacks one does not compile. */
export const STAGES: { readonly [K in KindName]: Stage<K> } = {
  chart: () => import("./chart/stage").then((part) => part.ChartStage),
  times: () => import("./times/stage").then((part) => part.TimesStage),
  line: ofLine,
  strip: ofLine,
  trail: () => import("./trail/stage").then((part) => part.TrailStage),
  sentence: () => import("./sentence/stage").then((part) => part.SentenceStage),
  way: () => import("./way/stage").then((part) => part.WayStage),
  "place-value": () => import("./place-value/stage").then((part) => part.PlaceValueStage),
  stops: () => import("./stops/stage").then((part) => part.StopsStage),
  frames: () => import("./frames/stage").then((part) => part.FramesStage),
  groups: () => import("./groups/stage").then((part) => part.GroupsStage),
  "higher-lower": () => import("./higher-lower/stage").then((part) => part.HigherLowerStage),
  say: () => import("./say/stage").then((part) => part.SayStage),
  cards: () => import("./cards/stage").then((part) => part.CardsStage),
  diagram: () => import("./diagram/stage").then((part) => part.DiagramStage),
  graph: () => import("./graph/stage").then((part) => part.GraphStage),
  time: () => import("./time/stage").then((part) => part.TimeStage),
  order: () => import("./order/stage").then((part) => part.OrderStage),
  pairs: () => import("./pairs/stage").then((part) => part.PairsStage),
  compare: () => import("./compare/stage").then((part) => part.CompareStage),
  problems: () => import("./problems/stage").then((part) => part.ProblemsStage),
  arrows: async () => () => null,
};
