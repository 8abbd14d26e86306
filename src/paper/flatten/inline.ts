import { reachOf, widthOf } from "../fonts";
import { fontOf, type Inherited, lineHeight } from "./style";

/** A piece of a line: letters in one style, or an inline box. */
export type Piece =
  | { readonly kind: "letters"; readonly text: string; readonly look: Inherited }
  | {
      readonly kind: "box";
      readonly width: number;
      readonly height: number;
      /** How far above the baseline it stands. */
      readonly raised: number;
      readonly box: number;
      readonly look: Inherited;
    };

/** A piece placed in its block: its left edge, and the baseline of its line, or the top of its box. */
export type Placed = {
  readonly piece: Piece;
  readonly x: number;
  readonly y: number;
  readonly width: number;
};

type Word = { pieces: { piece: Piece; width: number }[]; width: number; space: number; breaks: boolean };

/** Splits pieces into words that stay together; a box is a word of its own. */
function wordsOf(pieces: readonly Piece[], wraps: boolean): Word[] {
  const words: Word[] = [];
  let space = 0;
  let joined = false;
  for (const piece of pieces) {
    if (piece.kind === "box") {
      const last = joined && space === 0 ? words.at(-1) : undefined;
      const part = { piece, width: piece.width };
      if (last) {
        last.pieces.push(part);
        last.width += piece.width;
      } else words.push({ pieces: [part], width: piece.width, space, breaks: false });
      [space, joined] = [0, true];
      continue;
    }
    const { look } = piece;
    for (const token of piece.text.split(/(\n|[ \t]+)/)) {
      if (token === "") continue;
      if (token === "\n") {
        words.push({ pieces: [], width: 0, space: 0, breaks: true });
        [space, joined] = [0, false];
      } else if (/^[ \t]+$/.test(token) && !look.whiteSpace.startsWith("pre")) {
        const width = widthOf(" ", fontOf(look)) * look.size;
        space = wraps ? Math.max(space, width) : space + width * token.length;
        joined = false;
      } else {
        const width = widthOf(token, fontOf(look)) * look.size;
        const part = { piece: { ...piece, text: token }, width };
        const last = words.at(-1);
        if (joined && space === 0 && last && !last.breaks) {
          last.pieces.push(part);
          last.width += width;
        } else words.push({ pieces: [part], width, space, breaks: false });
        [space, joined] = [0, true];
      }
    }
  }
  return words;
}

/** Words as long as this are no words of a language, and may be cut anywhere. */
const LONG = 30;

/** A very long word that is wider than its room, in parts that are not. */
function cut(word: Word, room: number): Word[] {
  const piece = word.pieces.length === 1 ? word.pieces[0]!.piece : null;
  if (piece?.kind !== "letters" || piece.text.length < LONG || word.width <= room) return [word];
  const of = (text: string) => widthOf(text, fontOf(piece.look)) * piece.look.size;
  const parts = [""];
  for (const letter of piece.text) {
    if (parts.at(-1) !== "" && of(parts.at(-1) + letter) > room) parts.push("");
    parts[parts.length - 1] += letter;
  }
  return parts.map((text, i) => ({
    pieces: [{ piece: { ...piece, text }, width: of(text) }],
    width: of(text),
    space: i === 0 ? word.space : 0,
    breaks: false,
  }));
}

/** Collapses white space as a web page does, unless the style keeps it. A no-break space does not count. */
export function collapsed(text: string, look: Inherited): string {
  if (look.whiteSpace.startsWith("pre")) return text;
  return text.replace(/[ \t\n\r\f]+/g, " ");
}

export type LaidLines = {
  readonly placed: readonly Placed[];
  readonly width: number;
  readonly height: number;
};

/**
 * Breaks pieces into lines as a web page does: between words, when they are wider than their room.
 * @param look the style of their block: its line height and alignment
 */
export function layLines(pieces: readonly Piece[], room: number, look: Inherited): LaidLines {
  const wraps = look.whiteSpace !== "nowrap" && look.whiteSpace !== "pre";
  const lines: Word[][] = [[]];
  let taken = 0;
  const words = wordsOf(pieces, wraps);
  for (const word of wraps ? words.flatMap((one) => cut(one, room)) : words) {
    const line = lines.at(-1)!;
    if (word.breaks) {
      lines.push([]);
      taken = 0;
      continue;
    }
    const space = line.length === 0 ? 0 : word.space;
    // A tiny allowance: widths are sums of rounded ones.
    if (wraps && line.length > 0 && taken + space + word.width > room + 0.01) {
      lines.push([word]);
      taken = word.width;
    } else {
      line.push(word);
      taken += space + word.width;
    }
  }
  const placed: Placed[] = [];
  let top = 0;
  let widest = 0;
  const own = { look, ...reachOf(fontOf(look)) };
  for (const line of lines) {
    const parts = line.flatMap(({ pieces }) => pieces);
    let above = (lineHeight(look) + (own.above - own.below) * look.size) / 2;
    let below = lineHeight(look) - above;
    for (const { piece } of parts) {
      if (piece.kind === "box") {
        // A box stands on the baseline, or raised above it.
        above = Math.max(above, piece.height + piece.raised);
        below = Math.max(below, -piece.raised);
        continue;
      }
      const reach = reachOf(fontOf(piece.look));
      const height = lineHeight(piece.look);
      const up = (height + (reach.above - reach.below) * piece.look.size) / 2;
      above = Math.max(above, up);
      below = Math.max(below, height - up);
    }
    const width = line.reduce((sum, word, i) => sum + word.width + (i === 0 ? 0 : word.space), 0);
    widest = Math.max(widest, width);
    const free = Number.isFinite(room) ? Math.max(0, room - width) : 0;
    let x = look.align === "center" ? free / 2 : look.align === "right" ? free : 0;
    line.forEach((word, i) => {
      x += i === 0 ? 0 : word.space;
      for (const { piece, width: wide } of word.pieces) {
        placed.push({
          piece,
          x,
          y: piece.kind === "box" ? top + above - piece.height - piece.raised : top + above,
          width: wide,
        });
        x += wide;
      }
    });
    top += above + below;
  }
  return { placed, width: widest, height: top };
}
