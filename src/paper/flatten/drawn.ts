/** A colour that every format knows, and its opacity. */
export type Paint = { readonly hex: string; readonly alpha: number };

/** A transformation, written like a matrix in SVG. */
export type Matrix = readonly [number, number, number, number, number, number];

export const IDENTITY: Matrix = [1, 0, 0, 1, 0, 0];
export const moved = (x: number, y: number): Matrix => [1, 0, 0, 1, x, y];

/** Composes transformations: first `inner`, then `outer`. */
export const combined = (outer: Matrix, inner: Matrix): Matrix => {
  const [a, b, c, d, e, f] = outer;
  const [g, h, i, j, k, l] = inner;
  return [a * g + c * h, b * g + d * h, a * i + c * j, b * i + d * j, a * k + c * l + e, b * k + d * l + f];
};

export type Outline =
  | {
      readonly tag: "rect";
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly rx: number;
    }
  | { readonly tag: "circle"; readonly cx: number; readonly cy: number; readonly r: number }
  | { readonly tag: "path"; readonly d: string }
  | { readonly tag: "polygon" | "polyline"; readonly points: readonly (readonly [number, number])[] };

export type Stroked = {
  readonly paint: Paint;
  readonly width: number;
  readonly dash: readonly number[];
  readonly cap: "butt" | "round" | "square";
  readonly join: "miter" | "round" | "bevel";
};

/** The typefaces that ship with the application, and their weights. */
export type FontName = `${"andika" | "figtree"}-${400 | 500 | 600 | 700 | 800}`;

/** A drawing reduced to shapes and texts, one over the other. Every picture and paper format is written from these. */
export type Drawn =
  | {
      readonly kind: "group";
      readonly matrix: Matrix;
      readonly clip: Outline | null;
      readonly opacity: number;
      /** It darkens what lies under it, as a highlighter does. */
      readonly multiply: boolean;
      readonly children: readonly Drawn[];
    }
  | {
      readonly kind: "shape";
      readonly outline: Outline;
      readonly fill: Paint | null;
      readonly stroke: Stroked | null;
    }
  | {
      readonly kind: "text";
      /** The start of its line, on the baseline. */
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly font: FontName;
      readonly size: number;
      readonly fill: Paint;
    };

/** A drawing and its room, in pixels of 1/96 inch. */
export type Picture = { readonly width: number; readonly height: number; readonly drawn: readonly Drawn[] };

export const group = (
  children: readonly Drawn[],
  of: { matrix?: Matrix; clip?: Outline | null; opacity?: number; multiply?: boolean } = {},
): Drawn => ({ kind: "group", matrix: IDENTITY, clip: null, opacity: 1, multiply: false, children, ...of });
