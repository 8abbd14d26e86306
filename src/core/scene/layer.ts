import { type Checked, schema } from "../schema";
import { INKS, Ink, type InkSet, inkBit } from "../set/ink";

/** The layers on numbers: an ink, a cover, standing out, and counters. */
export const Layer = schema((z) =>
  z.union([Ink(z), z.literal("cover"), z.literal("stand-out"), z.literal("counter")]),
);
export type Layer = Checked<typeof Layer>;

/** A set of layers as bits: the five inks as in `InkSet`, then the cover, standing out, and a counter. */
export type LayerSet = number;

const COVER = 1 << INKS.length;
const STANDS_OUT = COVER << 1;
const COUNTER = STANDS_OUT << 1;
export const ALL_LAYERS: LayerSet = (COUNTER << 1) - 1;

const BITS = { cover: COVER, "stand-out": STANDS_OUT, counter: COUNTER } as const;

/** Whether a layer is an ink. */
export const isInkLayer = (layer: Layer): layer is Ink => !(layer in BITS);

export const layerBit = (layer: Layer): LayerSet => (isInkLayer(layer) ? inkBit(layer) : BITS[layer]);

export const inksOfLayers = (set: LayerSet): InkSet => set & (COVER - 1);
export const hasLayer = (set: LayerSet, layer: Layer): boolean => (set & layerBit(layer)) !== 0;
