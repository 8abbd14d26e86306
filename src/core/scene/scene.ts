import type { InkSet } from "../set/ink";
import type { Target } from "../surface/cell-key";
import { layersOn } from "./laid";
import { hasLayer, inksOfLayers, type Layer } from "./layer";
import { type Own, own } from "./own";
import { SLICES } from "./slices";
import type { SetAside } from "./slices/aside";
import type { Building } from "./slices/building";
import type { Drawing } from "./slices/drawing";
import type { Filling } from "./slices/filling";
import type { Framing } from "./slices/framing";
import type { Grouping } from "./slices/grouping";
import type { Guessing } from "./slices/guessing";
import type { Laying } from "./slices/laying";
import type { Ordering } from "./slices/ordering";
import type { Parts } from "./slices/parts";
import type { Saying } from "./slices/saying";
import type { SetTo } from "./slices/setting";
import type { Signs } from "./slices/signs";
import type { Sorting } from "./slices/sorting";
import type { Symmetries } from "./slices/symmetry";
import type { Talk } from "./slices/talk";
import type { OnTrail } from "./slices/trail";
import type { Windows } from "./slices/windows";
import type { Working } from "./slices/working";

/** What a board shows at one moment. Everything in it belongs to numbers, not to a picture of them. */
export type Scene = Laying &
  Filling &
  Talk &
  OnTrail &
  SetAside &
  Signs &
  Parts &
  Building &
  Ordering &
  Framing &
  Grouping &
  Guessing &
  Symmetries &
  Saying &
  Sorting &
  Windows &
  Working &
  Drawing &
  SetTo &
  Own;

type AllOf<Union> = (Union extends unknown ? (part: Union) => void : never) extends (all: infer All) => void
  ? All
  : never;

/** A board on which nothing has been done. */
export const EMPTY_SCENE: Scene = Object.assign(
  {},
  own.initial,
  ...SLICES.map(({ initial }) => initial),
) as AllOf<typeof own.initial | (typeof SLICES)[number]["initial"]>;

/** The inks that a number carries. */
export const inksAt = (scene: Scene, number: Target): InkSet => inksOfLayers(layersOn(scene.laid, number));

/** Whether a number is covered, or hidden while a silent count stands on it. */
export const isCoveredAt = (scene: Scene, number: Target): boolean =>
  hasLayer(layersOn(scene.laid, number), "cover") || (scene.hushed && scene.focus === number);

/** The numbers, or cells, among these that have a layer. */
export function numbersWith<T extends Target>(scene: Scene, layer: Layer, numbers: readonly T[]): T[] {
  return numbers.filter((number) => hasLayer(layersOn(scene.laid, number), layer));
}

/** The numbers, or cells, among these that carry a mark. */
export function markedAmong<T extends Target>(scene: Scene, numbers: readonly T[]): T[] {
  return numbers.filter((number) => inksAt(scene, number) !== 0);
}
