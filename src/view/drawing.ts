import type { ComponentType } from "react";
import type { Board } from "@/core/lesson/board";
import type { Scene } from "@/core/scene/scene";
import type { KindName, ViewOf } from "@/core/views/view";

/** The room of a drawing, in pixels. */
export type Size = { readonly width: number; readonly height: number };

/**
 * How a drawing is viewed: for the back of the room or not, the height of the screen in pixels, and whether it is
 * upright, if its room does not tell. A bare one cannot be pressed, on paper or on the class screen: anything that only
 * invites a press is left out.
 */
export type Theme = {
  readonly strong: boolean;
  readonly screen: number;
  readonly upright?: boolean;
  readonly bare?: true;
  /** Views with nothing to say keep their places. */
  readonly keeps?: boolean;
  /** The height of each of several views, in pixels, where they lie below each other and are scrolled to. */
  readonly stacked?: number;
  /** The height below the second of two views that is reserved for something other than a view. */
  readonly under?: number;
};

/** An ordinary screen, on which a drawing is laid out that is then shown at any size. */
export const ORDINARY: Theme = { strong: false, screen: 800 };

/**
 * Everything that a drawing of a view depends on. The board is the one it stands on, for how numbers are written there.
 */
export type DrawingProps<K extends KindName> = {
  readonly view: ViewOf<K>;
  readonly board: Board;
  readonly scene: Scene;
  readonly size: Size;
  readonly theme: Theme;
  /** Whether the view may ask the class something: no step of the stair does. */
  readonly mayAsk?: boolean;
};

/** The drawing of a view at one moment: no handlers, no store, no browser. It fills its room. */
export type Drawing<K extends KindName> = ComponentType<DrawingProps<K>>;

/** The part of its card into which a view is drawn, if its stage needs the rest. */
export type Inside = { readonly left: number; readonly top: number } & Size;

/** The widths of edges, in pixels, clockwise from the top. */
export type Edges = readonly [number, number, number, number];

/** The inside of a card with edges of given widths, scaled. */
export const within = ({ width, height }: Size, edges: Edges, grow = 1): Inside => {
  const [top, right, bottom, left] = edges.map((edge) => edge * grow) as [number, number, number, number];
  return {
    left,
    top,
    width: Math.max(1, width - left - right),
    height: Math.max(1, height - top - bottom),
  };
};

/** Scales a size from an ordinary screen to a higher one: what is seen from the last row grows with the room. */
export const grown = ({ screen }: Pick<Theme, "screen">, size: number): number =>
  size * Math.max(1, screen / ORDINARY.screen);

/**
 * The scale of edges, buttons and everything else that is pressed: the style sheet lets them grow with a high window,
 * though less than what is read from the last row.
 */
export const edgesGrown = ({ screen }: Pick<Theme, "screen">): number => Math.max(1, (0.013 * screen) / 16);

/** Converts a room to an ordinary screen: what is laid out in it and then enlarged grows as a whole. */
export const ordinary = ({ width, height }: Size, grow: number): Size => ({
  width: width / grow,
  height: height / grow,
});

/** A size between two bounds. */
export const clamp = (min: number, size: number, max: number): number => Math.max(min, Math.min(max, size));
