import { Canvas, Document, Page, renderToBuffer } from "@react-pdf/renderer";
import type { Drawn, Outline, Paint, Picture, Stroked } from "./flatten/drawn";
import { fontOf, runsOf } from "./fonts";
import { POINTS } from "./units";

/** The canvas: the part of react-pdf's painter that is needed here. */
type Painter = {
  save(): Painter;
  restore(): Painter;
  translate(x: number, y: number): Painter;
  scale(x: number, y?: number): Painter;
  rotate(degrees: number): Painter;
  opacity(value: number): Painter;
  rect(x: number, y: number, width: number, height: number): Painter;
  roundedRect(x: number, y: number, width: number, height: number, radius: number): Painter;
  circle(x: number, y: number, radius: number): Painter;
  path(d: string): Painter;
  moveTo(x: number, y: number): Painter;
  lineTo(x: number, y: number): Painter;
  polygon(...points: number[][]): Painter;
  clip(): Painter;
  fill(): Painter;
  stroke(): Painter;
  fillAndStroke(): Painter;
  fillColor(color: string): Painter;
  strokeColor(color: string): Painter;
  fillOpacity(value: number): Painter;
  strokeOpacity(value: number): Painter;
  lineWidth(width: number): Painter;
  lineCap(cap: string): Painter;
  lineJoin(join: string): Painter;
  dash(length: number | null, options?: { space?: number }): Painter;
  undash?(): Painter;
  font(font: unknown, family?: string): Painter;
  fontSize(size: number): Painter;
  text(text: string, x: number, y: number, options: object): Painter;
};

/**
 * Writes pages as one PDF: shapes as vectors, letters as text, with the used parts of the typefaces embedded.
 * @param title the title shown by a PDF reader
 */
export async function toPdf(pages: readonly Picture[], title: string): Promise<Uint8Array> {
  return renderToBuffer(
    <Document title={title} creator="Yellow Stair" producer="Yellow Stair">
      {pages.map(({ width, height, drawn }, index) => {
        const size = { width: width * POINTS, height: height * POINTS };
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: pages are read in order.
          <Page key={index} size={[size.width, size.height]}>
            <Canvas
              // Slightly less than the page: a drawing of exactly its height would be moved to the next one.
              style={{ ...size, height: size.height - 0.01 }}
              paint={(painter) => {
                const paper = painter as unknown as Painter;
                paper.save().scale(POINTS, POINTS);
                for (const one of drawn) paint(one, paper);
                paper.restore();
                return null;
              }}
            />
          </Page>
        );
      })}
    </Document>,
  );
}

function paint(one: Drawn, painter: Painter): void {
  if (one.kind === "group") paintGroup(one, painter);
  else if (one.kind === "text") paintText(one, painter);
  else paintShape(one, painter);
}

function paintShape(one: Extract<Drawn, { kind: "shape" }>, painter: Painter): void {
  const { fill, stroke } = one;
  const [filled, stroked] = [fill !== null && fill.alpha > 0, stroke !== null];
  if (!filled && !stroked) return;
  painter.save();
  if (fill) withFill(fill, painter);
  if (stroke) withStroke(stroke, painter);
  trace(one.outline, painter);
  if (filled && stroked) painter.fillAndStroke();
  else if (filled) painter.fill();
  else painter.stroke();
  painter.restore();
}

function paintGroup(
  { matrix, clip, opacity, children }: Extract<Drawn, { kind: "group" }>,
  painter: Painter,
): void {
  if (children.length === 0) return;
  const [a, b, c, d, e, f] = matrix;
  painter.save();
  if (e !== 0 || f !== 0) painter.translate(e, f);
  // Drawings are rotated and scaled, but never skewed.
  const turn = Math.atan2(b, a);
  if (Math.abs(turn) > 1e-9) painter.rotate((turn * 180) / Math.PI);
  const [wide, high] = [Math.hypot(a, b), (a * d - b * c) / Math.hypot(a, b)];
  if (Math.abs(wide - 1) > 1e-9 || Math.abs(high - 1) > 1e-9) painter.scale(wide, high);
  if (clip) {
    trace(clip, painter);
    painter.clip();
  }
  if (opacity !== 1) painter.opacity(opacity);
  for (const child of children) paint(child, painter);
  painter.restore();
}

function withFill({ hex, alpha }: Paint, painter: Painter): void {
  painter.fillColor(hex);
  if (alpha !== 1) painter.fillOpacity(alpha);
}

function withStroke({ paint: { hex, alpha }, width, dash, cap, join }: Stroked, painter: Painter): void {
  painter.strokeColor(hex).lineWidth(width);
  if (alpha !== 1) painter.strokeOpacity(alpha);
  if (cap !== "butt") painter.lineCap(cap);
  if (join !== "miter") painter.lineJoin(join);
  const [on, off] = dash;
  if (on !== undefined) painter.dash(Math.max(on, 0.01), { space: off ?? on });
}

function trace(outline: Outline, painter: Painter): void {
  switch (outline.tag) {
    case "rect": {
      const { x, y, width, height } = outline;
      const radius = Math.min(outline.rx, width / 2, height / 2);
      if (radius > 0) painter.roundedRect(x, y, width, height, radius);
      else painter.rect(x, y, width, height);
      return;
    }
    case "circle":
      painter.circle(outline.cx, outline.cy, outline.r);
      return;
    case "path":
      painter.path(outline.d);
      return;
    default: {
      const [first, ...rest] = outline.points;
      if (!first) return;
      if (outline.tag === "polygon") {
        painter.polygon(...outline.points.map(([x, y]) => [x, y]));
        return;
      }
      painter.moveTo(first[0], first[1]);
      for (const [x, y] of rest) painter.lineTo(x, y);
    }
  }
}

function paintText(
  { x, y, text, font, size, fill }: Extract<Drawn, { kind: "text" }>,
  painter: Painter,
): void {
  let at = x;
  painter.save();
  withFill(fill, painter);
  for (const run of runsOf(text, font)) {
    const face = fontOf(run.font, run.part);
    const laid = face.layout(run.text);
    const scale = size / face.unitsPerEm;
    if (run.part === "latin") {
      painter
        .font(face, run.font)
        .fontSize(size)
        .text(run.text, at, y, { lineBreak: false, baseline: "alphabetic" });
    } else {
      // The other parts of a typeface have the same name as its Latin letters: a PDF would confuse them.
      let pen = 0;
      laid.glyphs.forEach((glyph, i) => {
        painter
          .save()
          .translate(at + pen * scale, y)
          .scale(scale, -scale);
        painter.path(glyph.path.toSVG()).fill();
        painter.restore();
        pen += laid.positions[i]!.xAdvance;
      });
    }
    at += laid.advanceWidth * scale;
  }
  painter.restore();
}
