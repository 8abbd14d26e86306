import type { ComponentType } from "react";
import type { KindName, ViewOf } from "@/core/views/view";
import type { CellsAt } from "@/view/cells-at";
import { type Drawing, type DrawingProps, type Inside, type Size, within } from "@/view/drawing";
import { Words } from "@/view/number/words-later";

/** A view of a kind on the board, with touch and keys. */
export type StageProps<K extends KindName> = { view: ViewOf<K>; strong: boolean };

/** What a kind of view has on the screen; each part is fetched when it is needed. */
type OnScreen<K extends KindName> = {
  /** It as it looks, without a hand on it. */
  readonly drawing: () => Promise<Drawing<K>>;
  /** Into which part of its card it is drawn, so that it stands where its stage has it. */
  readonly inside: (view: ViewOf<K>, card: Size) => Inside;
  /** Where its cells are in its drawing, for the touches that come before its stage does. */
  readonly cells?: () => Promise<(of: DrawingProps<K>) => CellsAt>;
  readonly stage: () => Promise<ComponentType<StageProps<K>>>;
  /** What it is set up with, beside what its kind in core asks for. */
  readonly fields: (() => Promise<ComponentType<{ view: ViewOf<K> }>>) | null;
  /** What is drawn by hand over it belongs to the view: no number has a place of its own in it. */
  readonly drawnOver?: true;
};

/** The edge of a chart or times grid, and that of a chart by which whole rows and columns are touched. */
const CARD = 12;
const CHART_EDGE = 26;
/** The row of buttons under a line, which a small room does not have. */
const LINE_BUTTONS = 50;
const SMALL = { width: 304, height: 176 };
/** The button beside a number sentence, and the choice under the pairs. */
const SENTENCE_BUTTON = 44;
const PAIRS_CHOICE = 44;
/** The button that marks exchanges. */
const STOPS_BUTTON = 52;
const BUTTON_ROW = 64;
/** In a smaller room a view has no buttons under it. */
const NO_BUTTONS = { width: 304, height: 208 };

/** The height of the buttons under a view, which stand in as many rows as their width needs. */
const buttonRows = ({ width, height }: Size, needed: number) =>
  width <= NO_BUTTONS.width || height <= NO_BUTTONS.height
    ? 0
    : BUTTON_ROW * Math.max(1, Math.ceil(needed / (width - 32)));

const ofLine = {
  drawing: () => import("@/view/line/line-drawing").then((part) => part.LineDrawing),
  inside: (_: unknown, card: Size) => {
    const small = card.width <= SMALL.width || card.height <= SMALL.height;
    return within(card, [8, 8, small ? 0 : LINE_BUTTONS, 8]);
  },
  stage: () => import("./line/stage").then((part) => part.LineStage),
  fields: () => import("./line/fields").then((part) => part.LineFields),
};

/** How wide the buttons are under numbers that are put in order. */
const orderButtons = ({ signs, pieces }: ViewOf<"order">) =>
  430 + (signs === "shown" ? 264 : 0) + (pieces === "none" ? 0 : 190);

/** The kinds of view on the screen. A kind that lacks a part does not compile. */
export const VIEWS: { readonly [K in KindName]: OnScreen<K> } = {
  chart: {
    drawing: () => import("@/view/chart/chart-drawing").then((part) => part.ChartDrawing),
    inside: (_, card) => within(card, [CARD, CARD, CARD + CHART_EDGE, CARD + CHART_EDGE]),
    cells: () => import("@/view/chart/place-chart").then((part) => part.chartCells),
    stage: () => import("./chart/stage").then((part) => part.ChartStage),
    fields: () => import("./chart/fields").then((part) => part.ChartFields),
  },
  times: {
    drawing: () => import("@/view/times/times-drawing").then((part) => part.TimesDrawing),
    inside: (_, card) => within(card, [CARD, CARD, CARD, CARD]),
    cells: () => import("@/view/times/times-cells").then((part) => part.timesCells),
    stage: () => import("./times/stage").then((part) => part.TimesStage),
    fields: () => import("./times/fields").then((part) => part.TimesFields),
  },
  line: ofLine,
  strip: ofLine,
  trail: {
    drawing: async () => {
      const { TrailDrawing } = await import("@/view/trail/trail-drawing");
      // What is drawn at once has its words at once.
      await Words.bring();
      return TrailDrawing;
    },
    inside: (_, card) => within(card, [24, 24, 24, 24]),
    stage: () => import("./trail/stage").then((part) => part.TrailStage),
    fields: null,
    drawnOver: true,
  },
  sentence: {
    drawing: () => import("@/view/sentence/sentence-drawing").then((part) => part.SentenceDrawing),
    inside: (_, card) => within(card, [0, 16 + SENTENCE_BUTTON, 0, 16]),
    stage: () => import("./sentence/stage").then((part) => part.SentenceStage),
    fields: null,
    drawnOver: true,
  },
  way: {
    drawing: () => import("@/view/way/way-drawing").then((part) => part.WayDrawing),
    inside: (_, card) => within(card, [8, 16, 8, 16]),
    stage: () => import("./way/stage").then((part) => part.WayStage),
    fields: null,
    drawnOver: true,
  },
  "place-value": {
    drawing: async () => {
      const { PlaceValueDrawing } = await import("@/view/place-value/place-value-drawing");
      await Words.bring();
      return PlaceValueDrawing;
    },
    inside: (view, card) =>
      within(card, [12, 16, 12 + (view.draws === "none" ? 0 : buttonRows(card, 330)), 16]),
    stage: () => import("./place-value/stage").then((part) => part.PlaceValueStage),
    fields: null,
    drawnOver: true,
  },
  stops: {
    drawing: () => import("@/view/stops/stops-drawing").then((part) => part.StopsDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + (buttonRows(card, 0) > 0 ? STOPS_BUTTON : 0), 16]),
    stage: () => import("./stops/stage").then((part) => part.StopsStage),
    fields: () => import("./stops/fields").then((part) => part.StopsFields),
    drawnOver: true,
  },
  frames: {
    drawing: () => import("@/view/frames/frames-drawing").then((part) => part.FramesDrawing),
    inside: (view, card) =>
      within(card, [12, 16, 12 + (view.counts === "hand" ? buttonRows(card, 340) : 0), 16]),
    stage: () => import("./frames/stage").then((part) => part.FramesStage),
    fields: null,
    drawnOver: true,
  },
  groups: {
    drawing: () => import("@/view/groups/groups-drawing").then((part) => part.GroupsDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + buttonRows(card, 930), 16]),
    stage: () => import("./groups/stage").then((part) => part.GroupsStage),
    fields: null,
    drawnOver: true,
  },
  "higher-lower": {
    drawing: () => import("@/view/higher-lower/higher-lower-drawing").then((part) => part.HigherLowerDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + buttonRows(card, 430), 16]),
    stage: () => import("./higher-lower/stage").then((part) => part.HigherLowerStage),
    fields: null,
    drawnOver: true,
  },
  say: {
    drawing: () => import("@/view/say/say-drawing").then((part) => part.SayDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + buttonRows(card, 520), 16]),
    stage: () => import("./say/stage").then((part) => part.SayStage),
    fields: null,
    drawnOver: true,
  },
  cards: {
    drawing: () => import("@/view/cards/cards-drawing").then((part) => part.CardsDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + buttonRows(card, 560), 16]),
    stage: () => import("./cards/stage").then((part) => part.CardsStage),
    fields: () => import("./cards/fields").then((part) => part.CardsFields),
    drawnOver: true,
  },
  diagram: {
    drawing: () => import("@/view/diagram/diagram-drawing").then((part) => part.DiagramDrawing),
    inside: (_, card) => within(card, [12, 16, 12, 16]),
    stage: () => import("./diagram/stage").then((part) => part.DiagramStage),
    fields: null,
    drawnOver: true,
  },
  graph: {
    drawing: () => import("@/view/graph/graph-drawing").then((part) => part.GraphDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + buttonRows(card, 380), 16]),
    stage: () => import("./graph/stage").then((part) => part.GraphStage),
    fields: null,
    drawnOver: true,
  },
  time: {
    drawing: () => import("@/view/time/time-drawing").then((part) => part.TimeDrawing),
    inside: (_, card) => within(card, [12, 16, 12, 16]),
    stage: () => import("./time/stage").then((part) => part.TimeStage),
    fields: null,
    drawnOver: true,
  },
  order: {
    drawing: () => import("@/view/order/order-drawing").then((part) => part.OrderDrawing),
    inside: (view, card) => within(card, [12, 16, 12 + buttonRows(card, orderButtons(view)), 16]),
    stage: () => import("./order/stage").then((part) => part.OrderStage),
    fields: null,
    drawnOver: true,
  },
  pairs: {
    drawing: () => import("@/view/pairs/pairs-drawing").then((part) => part.PairsDrawing),
    inside: (_, card) => within(card, [12, 16, 12 + PAIRS_CHOICE, 16]),
    stage: () => import("./pairs/stage").then((part) => part.PairsStage),
    fields: null,
    drawnOver: true,
  },
  compare: {
    drawing: () => import("@/view/compare/compare-drawing").then((part) => part.CompareDrawing),
    inside: (_, card) => within(card, [8, 16, 8, 16]),
    stage: () => import("./compare/stage").then((part) => part.CompareStage),
    fields: null,
    drawnOver: true,
  },
  problems: {
    drawing: () => import("@/view/problems/problems-drawing").then((part) => part.ProblemsDrawing),
    inside: (_, card) => within(card, [0, 0, 0, 0]),
    stage: () => import("./problems/stage").then((part) => part.ProblemsStage),
    fields: () => import("./problems/fields").then((part) => part.ProblemFields),
    drawnOver: true,
  },
  // Arrows stand with the tools, and not in the layout.
  arrows: {
    drawing: async () => () => null,
    inside: (_, card) => within(card, [0, 0, 0, 0]),
    stage: async () => () => null,
    fields: null,
  },
};
