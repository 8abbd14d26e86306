import { widthOf } from "../fonts";
import type { Box } from "./box";
import { combined, type Drawn, group, IDENTITY, moved, type Outline, type Paint } from "./drawn";
import { layLines, type Placed } from "./inline";
import { matrixOf } from "./matrix";
import { fontOf, type Inherited } from "./style";
import type { StyleSheet } from "./style-sheet";
import { svgShapes } from "./svg-shapes";
import { paintOf, pixels } from "./values";

type Room = { left: number; top: number; width: number; height: number };

/** A box and its contents as shapes and texts, in the room of its parent. */
export function painted(box: Box, sheet: StyleSheet): Drawn[] {
  return paintedAt(box, box.node.getComputedLayout(), sheet);
}

function paintedAt(box: Box, { left, top, width, height }: Room, sheet: StyleSheet): Drawn[] {
  const { style, element } = box;
  const { own } = style;
  const inside = [
    ...grounds(box, width, height),
    ...clipped(box, width, height, contentOf(box, width, height, sheet)),
    ...rims(box, width, height),
  ];
  if (inside.length === 0) return [];
  const opacity = Number(own.get("opacity") ?? 1);
  const transform = own.get("transform");
  const turn = transform && element ? matrixOf("", transform) : IDENTITY;
  const middle = moved(width / 2, height / 2);
  const matrix =
    turn === IDENTITY
      ? moved(left, top)
      : combined(moved(left, top), combined(middle, combined(turn, moved(-width / 2, -height / 2))));
  return [group(inside, { matrix, opacity })];
}

function contentOf(box: Box, width: number, height: number, sheet: StyleSheet): Drawn[] {
  if (box.element?.tag === "svg") return svgShapes(box.element, box.style, { width, height }, sheet);
  if (box.pieces) return linesOf(box, width, sheet);
  return box.children
    .map((child, order) => ({ child, order, level: Number(child.style.own.get("z-index") ?? 0) || 0 }))
    .sort((a, b) => a.level - b.level || a.order - b.order)
    .flatMap(({ child }) => painted(child, sheet));
}

function linesOf({ pieces, style, node, atoms }: Box, width: number, sheet: StyleSheet): Drawn[] {
  const edge = (which: 0 | 1) => node.getComputedPadding(which) + node.getComputedBorder(which);
  const [left, top] = [edge(0), edge(1)];
  const right = node.getComputedPadding(2) + node.getComputedBorder(2);
  // The room was wide enough when measured: rounding must not break a line now.
  const { placed } = layLines(pieces!, width - left - right + 0.02, style.inherited);
  return joined(placed).flatMap(({ piece, x, y, width: wide }) => {
    if (piece.kind === "box") {
      const { width: w, height: h } = piece;
      return paintedAt(atoms[piece.box]!, { left: left + x, top: top + y, width: w, height: h }, sheet);
    }
    return lettersAt(piece.text, piece.look, left + x, top + y, wide);
  });
}

/** Joins consecutive words in one style into one text, so that it can be searched and copied as it is read. */
function joined(placed: readonly Placed[]): Placed[] {
  const all: Placed[] = [];
  for (const one of placed) {
    const last = all.at(-1);
    if (
      last?.piece.kind === "letters" &&
      one.piece.kind === "letters" &&
      last.piece.look === one.piece.look
    ) {
      const space = widthOf(" ", fontOf(one.piece.look)) * one.piece.look.size;
      if (last.y === one.y && Math.abs(last.x + last.width + space - one.x) < 0.01) {
        const piece = { ...last.piece, text: `${last.piece.text} ${one.piece.text}` };
        all[all.length - 1] = { ...last, piece, width: one.x + one.width - last.x };
        continue;
      }
    }
    all.push(one);
  }
  return all;
}

function lettersAt(text: string, look: Inherited, x: number, y: number, width: number): Drawn[] {
  const letters: Drawn = { kind: "text", x, y, text, font: fontOf(look), size: look.size, fill: look.color };
  if (!look.decoration) return [letters];
  const { wavy, color, thick } = look.decoration;
  const paint = paintOf(color, look.color);
  if (!paint) return [letters];
  const under = y + look.size * 0.16;
  const wave = thick * 3;
  const d = wavy
    ? `M${x} ${under}${`q${wave / 2} ${wave} ${wave} 0q${wave / 2} ${-wave} ${wave} 0`.repeat(Math.max(1, Math.round(width / (2 * wave))))}`
    : `M${x} ${under}h${width}`;
  return [
    letters,
    {
      kind: "shape",
      outline: { tag: "path", d },
      fill: null,
      stroke: { paint, width: thick, dash: [], cap: "butt", join: "round" },
    },
  ];
}

const radiusOf = ({ style: { own, inherited } }: Box, width: number, height: number): number =>
  Math.min(pixels(own.get("border-radius") ?? "0px", inherited.size) ?? 0, width / 2, height / 2);

const rect = (width: number, height: number, rx: number, out = 0): Outline => ({
  tag: "rect",
  x: -out,
  y: -out,
  width: width + 2 * out,
  height: height + 2 * out,
  rx: Math.max(0, rx + out),
});

/** What lies under the content: a ring around it, and its background. */
function grounds(box: Box, width: number, height: number): Drawn[] {
  const { own, inherited } = box.style;
  const radius = radiusOf(box, width, height);
  const drawn: Drawn[] = [];
  const ring = /^0 0 0 ([\d.]+)px (.+)$/.exec(own.get("box-shadow") ?? "");
  const ringPaint = ring && paintOf(ring[2]!, inherited.color);
  if (ring && ringPaint)
    drawn.push(rim(width, height, radius, Number(ring[1]), ringPaint, Number(ring[1]) / 2, []));
  const ground = paintOf(own.get("background-color") ?? own.get("background") ?? "none", inherited.color);
  if (ground) drawn.push({ kind: "shape", outline: rect(width, height, radius), fill: ground, stroke: null });
  return drawn;
}

const rim = (
  width: number,
  height: number,
  radius: number,
  thick: number,
  paint: Paint,
  out: number,
  dash: number[],
): Drawn => ({
  kind: "shape",
  outline: rect(width, height, radius, out),
  fill: null,
  stroke: { paint, width: thick, dash, cap: "butt", join: "miter" },
});

/** Borders, and the outline outside them. */
function rims(box: Box, width: number, height: number): Drawn[] {
  const { own, inherited } = box.style;
  const radius = radiusOf(box, width, height);
  const drawn: Drawn[] = [];
  const sides = [0, 1, 2, 3].map((edge) => box.node.getComputedBorder(edge as 0));
  const paint = paintOf(own.get("border-color") ?? "currentcolor", inherited.color);
  const [left = 0, top = 0, right = 0, bottom = 0] = sides;
  if (paint && sides.some((side) => side > 0)) {
    if (sides.every((side) => side === left)) {
      const dash = own.get("border-style") === "dashed" ? [left * 2.5, left * 2] : [];
      drawn.push(rim(width, height, radius, left, paint, -left / 2, dash));
    } else {
      const bar = (x: number, y: number, w: number, h: number): Drawn[] =>
        w > 0 && h > 0
          ? [
              {
                kind: "shape",
                outline: { tag: "rect", x, y, width: w, height: h, rx: 0 },
                fill: paint,
                stroke: null,
              },
            ]
          : [];
      drawn.push(
        ...bar(0, 0, left, height),
        ...bar(width - right, 0, right, height),
        ...bar(0, 0, width, top),
        ...bar(0, height - bottom, width, bottom),
      );
    }
  }
  const thick = pixels(own.get("outline-width") ?? "0px", inherited.size) ?? 0;
  const outline = paintOf(own.get("outline-color") ?? "currentcolor", inherited.color);
  if (thick > 0 && outline) {
    const away = pixels(own.get("outline-offset") ?? "0px", inherited.size) ?? 0;
    drawn.push(rim(width, height, radius, thick, outline, away + thick / 2, []));
  }
  return drawn;
}

function clipped(box: Box, width: number, height: number, content: Drawn[]): Drawn[] {
  const overflow = box.style.own.get("overflow") ?? box.style.own.get("overflow-y") ?? "visible";
  if (overflow === "visible" || content.length === 0 || box.element?.tag === "svg") return content;
  return [group(content, { clip: rect(width, height, radiusOf(box, width, height)) })];
}
