import type { KindName, View, ViewOf } from "@/core/views/view";
import type { CellsAt } from "../cells-at";
import {
  type Drawing,
  type DrawingProps,
  type Edges,
  edgesGrown,
  type Inside,
  ordinary,
  type Size,
  type Theme,
  within,
} from "../drawing";
import { lineEdges } from "../line/line-edges";
import { Words } from "../number/words-later";

/** How a kind of view is drawn; each part is fetched when it is needed. */
export type Drawn<K extends KindName> = {
  /** The drawing, without interaction. */
  readonly drawing: () => Promise<Drawing<K>>;
  /** The edges between its card and what is drawn, as its stage has them on an ordinary screen. */
  readonly edges: (view: ViewOf<K>, card: Size) => Edges;
  /** Where its cells are in its drawing, for touches before its stage is loaded. */
  readonly cells?: () => Promise<(of: DrawingProps<K>) => CellsAt>;
};

/** The edge of a chart or times grid, and that of a chart by which whole rows and columns are touched. */
const CARD = 12;
const CHART_EDGE = 26;
/** The button beside a number sentence, and the choice under the pairs. */
const SENTENCE_BUTTON = 44;
const PAIRS_CHOICE = 52;
/** The button that marks exchanges. */
const STOPS_BUTTON = 52;
const BUTTON_ROW = 64;
/** A count panel lower than this, as above the arrows, has no buttons and uses its whole height. */
const LOW_COUNT = 112;
/** In a smaller room a view has no buttons under it: as the style sheet has it, and the edges about it. */
const NO_BUTTONS = { width: 304 + 32, height: 208 + 24 };

/** In a lower room they stand in one row that slides. */
const ONE_ROW = 352 + 24;

/** In a room that is not wide, buttons have less room about their words. */
const WIDE = 896 + 32;
const BUTTON_GAP = 8;

/**
 * The height of the buttons under a view, which stand in as many rows as they need.
 * @param widths of the buttons in a room that is not wide, in pixels
 * @param wider so much wider they are in a wide one
 */
function buttonRows({ width, height }: Size, widths: readonly number[], wider = 16): number {
  if (width <= NO_BUTTONS.width || height <= NO_BUTTONS.height) return 0;
  if (height <= ONE_ROW) return BUTTON_ROW;
  let [rows, at] = [1, 0];
  for (const narrow of widths) {
    const button = narrow + (width > WIDE ? wider : 0);
    if (at > 0 && at + button > width - 32) [rows, at] = [rows + 1, 0];
    at += button + BUTTON_GAP;
  }
  return BUTTON_ROW * rows;
}

/** How wide the buttons of equal groups are: two of them name what a group is called. */
const groupButtons = ({ holder }: ViewOf<"groups">) => {
  const named = (holder || "group").length * 7.6;
  return [83, 66 + named, 71, 114 + named, 154, 9, 48, 48, 114];
};

const ofLine = {
  drawing: () => import("../line/line-drawing").then((part) => part.LineDrawing),
  edges: lineEdges,
};

/** How wide the buttons are under numbers that are put in order. */
const orderButtons = ({ signs, pieces }: ViewOf<"order">) => [
  ...(signs === "shown" ? [64, 64, 64] : []),
  198,
  ...(pieces === "none" ? [] : [149]),
  173,
];

/** The drawings of all kinds of view. A kind that lacks one does not compile. */
export const DRAWINGS: { readonly [K in KindName]: Drawn<K> } = {
  chart: {
    drawing: () => import("../chart/chart-drawing").then((part) => part.ChartDrawing),
    edges: () => [CARD, CARD, CARD + CHART_EDGE, CARD + CHART_EDGE],
    cells: () => import("../chart/place-chart").then((part) => part.chartCells),
  },
  times: {
    drawing: () => import("../times/times-drawing").then((part) => part.TimesDrawing),
    edges: () => [CARD, CARD, CARD, CARD],
    cells: () => import("../times/times-cells").then((part) => part.timesCells),
  },
  line: ofLine,
  strip: ofLine,
  trail: {
    drawing: async () => {
      const { TrailDrawing } = await import("../trail/trail-drawing");
      // Whatever is drawn at once must have its words at once.
      await Words.bring();
      return TrailDrawing;
    },
    edges: (_, { height }) => (height < LOW_COUNT ? [12, 16, 12, 16] : [24, 24, 24, 24]),
  },
  sentence: {
    drawing: () => import("../sentence/sentence-drawing").then((part) => part.SentenceDrawing),
    edges: () => [0, 16 + SENTENCE_BUTTON, 0, 16],
  },
  way: {
    drawing: () => import("../way/way-drawing").then((part) => part.WayDrawing),
    edges: () => [8, 16, 8, 16],
  },
  "place-value": {
    drawing: async () => {
      const { PlaceValueDrawing } = await import("../place-value/place-value-drawing");
      await Words.bring();
      return PlaceValueDrawing;
    },
    edges: (view, card) => [12, 16, 12 + (view.draws === "none" ? 0 : buttonRows(card, [164, 110])), 16],
  },
  stops: {
    drawing: () => import("../stops/stops-drawing").then((part) => part.StopsDrawing),
    edges: (_, card) => [12, 16, 12 + (buttonRows(card, []) > 0 ? STOPS_BUTTON : 0), 16],
  },
  frames: {
    drawing: () => import("../frames/frames-drawing").then((part) => part.FramesDrawing),
    edges: (view, card) => [12, 16, 12 + (view.counts === "hand" ? buttonRows(card, [132, 110]) : 0), 16],
  },
  groups: {
    drawing: () => import("../groups/groups-drawing").then((part) => part.GroupsDrawing),
    edges: (view, card) => [12, 16, 12 + buttonRows(card, groupButtons(view), 8), 16],
  },
  "higher-lower": {
    drawing: () => import("../higher-lower/higher-lower-drawing").then((part) => part.HigherLowerDrawing),
    edges: (_, card) => [12, 16, 12 + buttonRows(card, [101, 105, 186]), 16],
  },
  say: {
    drawing: () => import("../say/say-drawing").then((part) => part.SayDrawing),
    edges: (_, card) => [12, 16, 12 + buttonRows(card, [106, 140, 172]), 16],
  },
  cards: {
    drawing: () => import("../cards/cards-drawing").then((part) => part.CardsDrawing),
    edges: (_, card) => [12, 16, 12 + buttonRows(card, [360]), 16],
  },
  diagram: {
    drawing: () => import("../diagram/diagram-drawing").then((part) => part.DiagramDrawing),
    edges: () => [12, 16, 12, 16],
  },
  graph: {
    drawing: () => import("../graph/graph-drawing").then((part) => part.GraphDrawing),
    edges: (_, card) => [12, 16, 12 + buttonRows(card, [177, 192]), 16],
  },
  time: {
    drawing: () => import("../time/time-drawing").then((part) => part.TimeDrawing),
    edges: () => [12, 16, 12, 16],
  },
  order: {
    drawing: () => import("../order/order-drawing").then((part) => part.OrderDrawing),
    edges: (view, card) => [12, 16, 12 + buttonRows(card, orderButtons(view)), 16],
  },
  pairs: {
    drawing: () => import("../pairs/pairs-drawing").then((part) => part.PairsDrawing),
    edges: () => [12, 16, 12 + PAIRS_CHOICE, 16],
  },
  compare: {
    drawing: () => import("../compare/compare-drawing").then((part) => part.CompareDrawing),
    edges: () => [8, 16, 8, 16],
  },
  problems: {
    drawing: () => import("../problems/problems-drawing").then((part) => part.ProblemsDrawing),
    edges: () => [0, 0, 0, 0],
  },
  // Arrows stand with the tools, and not in the layout.
  arrows: {
    drawing: async () => () => null,
    edges: () => [0, 0, 0, 0],
  },
};

/** Into which part of its card a view is drawn, so that it stands where its stage has it. */
export function insideOf(view: View, card: Size, theme: Theme): Inside {
  const { edges } = DRAWINGS[view.kind] as Drawn<KindName>;
  const grow = edgesGrown(theme);
  return within(card, edges(view as never, ordinary(card, grow)), grow);
}
