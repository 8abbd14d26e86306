import { showNumber } from "@/core/number/show-number";
import type { Piece } from "@/core/sheet/task";
import { Sign, signWidth } from "@/view/problems/sign";
import { MM } from "../units";
import { SIGNS } from "./lay-out";

type SignsProps = { signs: readonly Piece[]; answers: boolean; width: number };

/** The size of signs, the room between them, and the box that a number is written in. */
const SIGN = { size: 19, gap: 7, box: 54 };

/**
 * A line of signs with boxes to write in, wide enough for a child's hand; smaller if there is no room. A box has room
 * for a digit more than the longest number beside it, so that it does not reveal the length of the answer.
 */
export function SignsToFill({ signs, answers, width }: SignsProps) {
  const texts = signs.map((piece) => ("text" in piece ? shown(piece.text) : null));
  const known = texts.map((text) => (text === null ? 0 : signWidth(text)));
  // A box that stands alone is about the drawing below it, which shows the number.
  const alone = signs.length === 1 && "blank" in signs[0]! ? signWidth(shown(signs[0].blank)) : 0;
  const numbers = known.filter((_, i) => /\d/.test(texts[i] ?? ""));
  const box = Math.max(SIGN.box, (Math.max(alone, ...numbers) + 1) * SIGN.size);
  const wide =
    known.reduce((sum, one) => sum + (one === 0 ? box : one * SIGN.size), 0) + SIGN.gap * (signs.length - 1);
  const part = Math.min(1, width / wide);
  const size = SIGN.size * part;
  return (
    <div
      className="flex items-center font-numeral"
      style={{ height: SIGNS * MM, fontSize: size, gap: SIGN.gap * part }}
    >
      {signs.map((piece, i) =>
        "text" in piece ? (
          // biome-ignore lint/suspicious/noArrayIndexKey: signs are read in order.
          <span key={i}>
            <Sign text={shown(piece.text)} size={size} />
          </span>
        ) : (
          <span
            // biome-ignore lint/suspicious/noArrayIndexKey: signs are read in order.
            key={i}
            className="flex items-center justify-center rounded-[6px] border-2 border-ink font-bold"
            style={{ width: box * part, height: BOX_HIGH }}
          >
            {answers && <Sign text={shown(piece.blank)} size={Math.min(size, BOX_HIGH / 2)} bold />}
          </span>
        ),
      )}
    </div>
  );
}

const BOX_HIGH = 34;
/** A number of a line of signs as displayed; other pieces are unchanged. */
const shown = (text: string) => (/^-?[\d./]+$/.test(text) ? showNumber(text) : text);
