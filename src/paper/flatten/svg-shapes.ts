import { type Drawn, group, IDENTITY, type Matrix, moved, type Outline, type Paint } from "./drawn";
import { type Element, isElement } from "./markup";
import { matrixOf } from "./matrix";
import { type Style, styleOf } from "./style";
import type { StyleSheet } from "./style-sheet";
import { type Painting, PLAIN, paintingOf, type Reader, sayings } from "./svg-painting";
import { textsOf } from "./svg-text";
import { paintOf } from "./values";

/** The shapes of a drawing in SVG, in a room of its own at 0, 0. */
export function svgShapes(
  svg: Element,
  style: Style,
  size: { width: number; height: number },
  sheet: StyleSheet,
): Drawn[] {
  const clips = new Map<string, Outline>();
  gatherClips(svg, clips);
  const painting = paintingOf(svg, style, { ...PLAIN, look: style.inherited }, sheet);
  const children = svg.children
    .filter(isElement)
    .flatMap((child) => shapesOf(child, painting, { sheet, clips }));
  const { matrix, clip } = roomOf(svg, size);
  const open = style.own.get("overflow") === "visible";
  return [group([group(children, { matrix })], { clip: open ? null : clip })];
}

/** How the view box of a drawing is mapped to its room. */
function roomOf(
  svg: Element,
  { width, height }: { width: number; height: number },
): { matrix: Matrix; clip: Outline } {
  const clip: Outline = { tag: "rect", x: 0, y: 0, width, height, rx: 0 };
  const [left, top, wide, high] = (svg.attributes.viewBox ?? "").split(/[\s,]+/).map(Number);
  if (!wide || !high) return { matrix: IDENTITY, clip };
  const fill = svg.attributes.preserveAspectRatio === "none";
  const scale = Math.min(width / wide, height / high);
  const [x, y] = fill ? [width / wide, height / high] : [scale, scale];
  return {
    matrix: [x, 0, 0, y, (width - wide * x) / 2 - left! * x, (height - high * y) / 2 - top! * y],
    clip,
  };
}

function gatherClips(element: Element, clips: Map<string, Outline>): void {
  for (const child of element.children.filter(isElement)) {
    if (child.tag === "clipPath") {
      const [shape] = child.children.filter(isElement);
      const outline = shape && outlineOf(shape);
      if (outline && child.attributes.id) clips.set(child.attributes.id, outline);
    } else gatherClips(child, clips);
  }
}

const NOT_DRAWN = new Set(["defs", "clipPath", "title", "desc", "style", "script"]);

function shapesOf(element: Element, before: Painting, reader: Reader): Drawn[] {
  if (NOT_DRAWN.has(element.tag)) return [];
  const { sheet, clips } = reader;
  const style = styleOf(element, before.look, sheet, false, paintOf);
  if (style.own.get("display") === "none") return [];
  const painting = paintingOf(element, style, before, sheet);
  const says = sayings(element, style, sheet);
  const drawn = drawnOf(element, painting, style, reader);
  if (drawn.length === 0) return [];
  const matrix = matrixOf(element.attributes.transform ?? "", style.own.get("transform") ?? "");
  const opacity = Number(says("opacity") ?? 1);
  const named = /url\(#(.+)\)/.exec(element.attributes["clip-path"] ?? "")?.[1];
  const clip = named === undefined ? null : (clips.get(named) ?? null);
  const multiply = says("mix-blend-mode") === "multiply";
  return matrix === IDENTITY && opacity === 1 && !clip && !multiply
    ? drawn
    : [group(drawn, { matrix, opacity, clip, multiply })];
}

function drawnOf(element: Element, painting: Painting, style: Style, reader: Reader): Drawn[] {
  const { attributes, tag, children } = element;
  if (tag === "g" || tag === "a")
    return children.filter(isElement).flatMap((child) => shapesOf(child, painting, reader));
  if (tag === "svg") {
    const size = { width: Number(attributes.width), height: Number(attributes.height) };
    const inner = svgShapes(element, style, size, reader.sheet);
    return [group(inner, { matrix: moved(Number(attributes.x ?? 0), Number(attributes.y ?? 0)) })];
  }
  if (tag === "text") return textsOf(element, painting, reader);
  const outline = outlineOf(element);
  if (!outline) return [];
  const current = painting.look.color;
  const fill = tag === "line" ? null : faded(paintOf(painting.fill, current), painting.fillAlpha);
  const stroke = painting.width > 0 ? faded(paintOf(painting.stroke, current), painting.strokeAlpha) : null;
  if (!fill && !stroke) return [];
  return [
    {
      kind: "shape",
      outline,
      fill,
      stroke: stroke && {
        paint: stroke,
        width: painting.width,
        dash: painting.dash === "none" ? [] : painting.dash.split(/[\s,]+/).map(Number.parseFloat),
        cap: painting.cap as "butt",
        join: painting.join as "miter",
      },
    },
  ];
}

const faded = (paint: Paint | null, by: number): Paint | null =>
  paint && paint.alpha * by > 0 ? { ...paint, alpha: paint.alpha * by } : null;

function outlineOf({ tag, attributes }: Element): Outline | null {
  const n = (name: string) => Number.parseFloat(attributes[name] ?? "0") || 0;
  switch (tag) {
    case "rect":
      return { tag, x: n("x"), y: n("y"), width: n("width"), height: n("height"), rx: n("rx") };
    case "circle":
      return { tag, cx: n("cx"), cy: n("cy"), r: n("r") };
    case "line":
      return {
        tag: "polyline",
        points: [
          [n("x1"), n("y1")],
          [n("x2"), n("y2")],
        ],
      };
    case "path":
      return attributes.d ? { tag, d: attributes.d } : null;
    case "polygon":
    case "polyline": {
      const numbers = (attributes.points ?? "")
        .trim()
        .split(/[\s,]+/)
        .map(Number);
      const points = Array.from(
        { length: Math.floor(numbers.length / 2) },
        (_, i) => [numbers[2 * i]!, numbers[2 * i + 1]!] as const,
      );
      return { tag, points };
    }
    default:
      return null;
  }
}
