import { reachOf, widthOf } from "../fonts";
import type { Drawn } from "./drawn";
import { type Element, isElement } from "./markup";
import { fontOf, type Inherited, styleOf } from "./style";
import { type Painting, paintingOf, type Reader } from "./svg-painting";
import { paintOf } from "./values";

/** Letters in one style in a text, and their position, if it is given. */
type Letters = {
  text: string;
  painting: Painting;
  x: number | null;
  dx: number;
  y: number | null;
  dy: number;
};

/** The runs of letters of a text, each in its place. */
export function textsOf(element: Element, painting: Painting, reader: Reader): Drawn[] {
  const letters: Letters[] = [];
  gatherLetters(element, painting, reader, letters, true);
  const drawn: Drawn[] = [];
  let [penX, penY] = [0, 0];
  for (let i = 0; i < letters.length; ) {
    const first = letters[i]!;
    // A run continues where the previous one ends, unless it has a position of its own.
    let end = i + 1;
    while (end < letters.length && letters[end]!.x === null) end += 1;
    const line = letters.slice(i, end);
    const wide = line.reduce((sum, one) => sum + one.dx + advance(one), 0);
    penX = first.x ?? penX;
    const shift = first.painting.anchor === "middle" ? wide / 2 : first.painting.anchor === "end" ? wide : 0;
    let x = penX - shift;
    for (const one of line) {
      penY = (one.y ?? penY) + one.dy;
      x += one.dx;
      const { look } = one.painting;
      const fill = paintOf(one.painting.fill, look.color);
      if (fill && one.text.trim() !== "") {
        drawn.push({
          kind: "text",
          x,
          y: penY + hung(element, look),
          text: one.text,
          font: fontOf(look),
          size: look.size,
          fill,
        });
      }
      x += advance(one);
    }
    penX = x;
    i = end;
  }
  return drawn;
}

/**
 * The distance of the baseline below the given position: text in the middle of its line is hung by the middle of its
 * letters.
 */
function hung(element: Element, { family, weight, size }: Inherited): number {
  if (element.attributes["dominant-baseline"] !== "central") return 0;
  const { above, below } = reachOf(fontOf({ family, weight }));
  return ((above - below) / 2) * size;
}

const advance = ({ text, painting: { look } }: Letters): number => widthOf(text, fontOf(look)) * look.size;

function gatherLetters(
  element: Element,
  painting: Painting,
  reader: Reader,
  into: Letters[],
  isRoot: boolean,
): void {
  const { attributes } = element;
  const number = (name: string) =>
    attributes[name] === undefined ? null : Number.parseFloat(attributes[name]);
  const at = {
    x: number("x") ?? (isRoot ? 0 : null),
    dx: number("dx") ?? 0,
    y: number("y") ?? (isRoot ? 0 : null),
    dy: number("dy") ?? 0,
  };
  let waiting: typeof at | null = at;
  for (const child of element.children) {
    if (isElement(child)) {
      const style = styleOf(child, painting.look, reader.sheet, false, paintOf);
      const from = into.length;
      gatherLetters(child, paintingOf(child, style, painting, reader.sheet), reader, into, false);
      const first = into[from];
      if (first && waiting) {
        into[from] = {
          ...first,
          x: first.x ?? waiting.x,
          y: first.y ?? waiting.y,
          dx: first.dx + waiting.dx,
          dy: first.dy + waiting.dy,
        };
        waiting = null;
      }
      continue;
    }
    const text = child.text.replace(/\s+/g, " ");
    if (text === "") continue;
    into.push({ text, painting, ...(waiting ?? { x: null, dx: 0, y: null, dy: 0 }) });
    waiting = null;
  }
}
