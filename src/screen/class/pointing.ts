import { createStore } from "zustand/vanilla";
import type { Stroke } from "@/core/scene/pen";
import { UNIT } from "@/core/scene/pen";
import type { Target } from "@/core/surface/cell-key";
import type { ViewId } from "@/core/views/view-id";

/**
 * What the teacher points at: a position relative to a number of a view, or in a view whose numbers have no places of
 * their own.
 */
export type Spot = Pick<Stroke, "view" | "number"> & { readonly x: number; readonly y: number };

/** Whether the teacher's mouse or finger points on the class screen, and at what. */
export const pointing = createStore<{ on: boolean; at: Spot | null }>()(() => ({ on: false, at: null }));

/** A distance from a number, in units, as sent in messages. */
export const spotAt = (view: ViewId, number: Target | null, away: { x: number; y: number }): Spot => ({
  view,
  number,
  x: Math.round(away.x * UNIT),
  y: Math.round(away.y * UNIT),
});
