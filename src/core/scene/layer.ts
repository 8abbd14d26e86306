import * as z from "zod/mini";
import { INKS, Ink, type InkSet, inkBit } from "../set/ink";

/** What lies on numbers, layer by layer: an ink, the covers, and what makes a number stand out. */
export const Layer = z.union([Ink, z.literal("cover"), z.literal("stand-out")]);
export type Layer = z.infer<typeof Layer>;

/** A set of layers as bits: the five inks as in `InkSet`, then the cover, then standing out. */
export type LayerSet = number;

const COVER = 1 << INKS.length;
const STANDS_OUT = COVER << 1;
export const ALL_LAYERS: LayerSet = (STANDS_OUT << 1) - 1;

export function layerBit(layer: Layer): LayerSet {
  return layer === "cover" ? COVER : layer === "stand-out" ? STANDS_OUT : inkBit(layer);
}

export const inksOfLayers = (set: LayerSet): InkSet => set & (COVER - 1);
export const hasLayer = (set: LayerSet, layer: Layer): boolean => (set & layerBit(layer)) !== 0;
