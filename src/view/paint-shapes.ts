import type { Shape } from "./shape";

/** The colours and typefaces of the page, read once before an animation. */
export type Palette = { color: (token: string) => string; numerals: string };

export function readPalette(element: HTMLElement): Palette {
  const style = getComputedStyle(element);
  const known = new Map<string, string>();
  return {
    color: (token) => {
      const name = token === "currentColor" ? "--color-ink" : token.replace(/^var\((.+)\)$/, "$1");
      const color = known.get(name) ?? style.getPropertyValue(name).trim();
      known.set(name, color);
      return color;
    },
    numerals: style.getPropertyValue("--font-numeral").trim() || "sans-serif",
  };
}

/** Paints shapes on a canvas as the drawing shows them, while it moves. */
export function paintShapes(
  context: CanvasRenderingContext2D,
  shapes: readonly Shape[],
  { color, numerals }: Palette,
): void {
  for (const { tag, attributes, text } of shapes) {
    const number = (name: string) => Number(attributes[name] ?? 0);
    const fill = attributes.fill === "none" ? null : color(String(attributes.fill));
    if (tag === "text") {
      context.fillStyle = fill ?? "";
      context.font = `${attributes["font-weight"]} ${attributes["font-size"]}px ${numerals}`;
      context.textAlign = "center";
      context.fillText(text ?? "", number("x"), number("y"));
      continue;
    }
    const path = outlineOf(tag, attributes, number);
    if (fill) {
      context.fillStyle = fill;
      context.fill(path);
    }
    if (attributes.stroke !== undefined) {
      context.strokeStyle = color(String(attributes.stroke));
      context.lineWidth = number("stroke-width");
      context.stroke(path);
    }
  }
}

function outlineOf(
  tag: Exclude<Shape["tag"], "text">,
  attributes: Shape["attributes"],
  number: (name: string) => number,
): Path2D {
  if (tag === "path") return new Path2D(String(attributes.d));
  if (tag === "polygon") return new Path2D(`M${attributes.points}Z`);
  const path = new Path2D();
  if (tag === "circle") path.arc(number("cx"), number("cy"), number("r"), 0, 2 * Math.PI);
  else path.roundRect(number("x"), number("y"), number("width"), number("height"), number("rx"));
  return path;
}
