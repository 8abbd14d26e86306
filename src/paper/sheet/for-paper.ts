import type { Drawn, Paint } from "../flatten/drawn";

/** How a drawing looks that will be written on: nothing on a page is covered in solid ink. */
export type PaperLook = { readonly grey: boolean };

const INK = "#16233b";
const STAIR = "#ffc928";
const BY_HAND = "#1c5fa8";
const WHITE: Paint = { hex: "#ffffff", alpha: 1 };
/** Covers are larger than ticks or beads. */
const SMALLEST_COVER = 8;

/**
 * Adapts a drawing to paper: covers become boxes to write in, the cell asked for gets a frame; in one colour, if
 * wanted.
 */
export function forPaper(drawn: readonly Drawn[], look: PaperLook): Drawn[] {
  return drawn.flatMap((one): Drawn[] => {
    if (one.kind === "group") return [{ ...one, children: forPaper(one.children, look) }];
    if (one.kind === "text") {
      if (one.text === "?") return [];
      return [{ ...one, fill: inked(one.fill, look) }];
    }
    const { outline, fill, stroke } = one;
    const isCover =
      outline.tag === "rect" &&
      outline.rx > 0 &&
      fill?.hex === INK &&
      Math.min(outline.width, outline.height) >= SMALLEST_COVER;
    if (isCover) {
      const edge = {
        paint: { hex: INK, alpha: 1 },
        width: 1.4,
        dash: [],
        cap: "butt",
        join: "round",
      } as const;
      return [{ kind: "shape", outline, fill: WHITE, stroke: edge }];
    }
    const ground = fill?.hex === STAIR && stroke ? WHITE : fill;
    return [
      {
        ...one,
        fill: ground && inked(ground, look),
        stroke: stroke && { ...stroke, paint: inked(stroke.paint, look) },
      },
    ];
  });
}

/** A colour as printed. Grey keeps its lightness, as a copier would. */
export function inked(paint: Paint, { grey }: PaperLook): Paint {
  if (!grey) return paint;
  // Answers are as dark as what is printed.
  if (paint.hex === BY_HAND) return { ...paint, hex: "#1e1e1e" };
  const [r, g, b] = [1, 3, 5].map((i) => Number.parseInt(paint.hex.slice(i, i + 2), 16)) as [
    number,
    number,
    number,
  ];
  const light = Math.round(0.299 * r + 0.587 * g + 0.114 * b)
    .toString(16)
    .padStart(2, "0");
  return { ...paint, hex: `#${light}${light}${light}` };
}
