import { grown, type Size, type Theme } from "./drawing";

/** Replaces the trail during a silent count. */
export const SILENT = "Count on in your head.";

/** Replaces a trail without jumps. */
export const NO_JUMP_YET = "No jump yet.";

type Props = { theme: Pick<Theme, "screen">; size: Size; children: string };

/** The width of a line of words and of a letter, and the height of a line, in their size. */
const [WIDE, LETTER, LINE] = [16, 0.5, 1.375];
/** The smallest size of the words, in pixels. */
const MIN = 14;

/**
 * The size of the words of a message, in pixels, and how wide its lines may be: those of a low room are as wide as the
 * room, and smaller if need be.
 */
export function saidIn(
  letters: number,
  { width, height }: Size,
  most: number,
): { text: number; wide: number } {
  const high = (text: number, wide: number) =>
    Math.ceil((letters * LETTER * text * 1.1) / Math.max(1, wide)) * LINE * text;
  const usual = Math.min(width, WIDE * most);
  if (high(most, usual) <= height) return { text: most, wide: usual };
  let text = most;
  while (text > MIN && high(text, width) > height) text -= 1;
  return { text, wide: width };
}

/** The message of a view with nothing to show; it grows with the screen, as what stands there otherwise. */
export const Said = ({ theme, size, children }: Props) => {
  const { text, wide } = saidIn(children.length, size, grown(theme, 20));
  return (
    <div className="flex size-full items-center justify-center">
      <p className="text-center leading-snug text-quiet" style={{ fontSize: text, maxWidth: wide }}>
        {children}
      </p>
    </div>
  );
};
