import { showNumber } from "@/core/number/show-number";
import { chancesAt, chanceWords } from "@/core/puzzle/chances";
import { isRight } from "@/core/puzzle/higher-lower";
import { guessedOf } from "@/core/scene/guessed";
import { clamp, type DrawingProps, grown } from "../drawing";

type Props = DrawingProps<"higher-lower">;

/** The number of letters in the chances. */
const CHANCES = 62;
/**
 * Minimum width of the two cards with the room beside them, in pixels; and the width of the guess, in the size of its
 * letters.
 */
const [WIDE_CARDS, SAID] = [152, 6.2];

/** A number, the next one covered beside it, what was said of it, and how many were right in a row. */
export function HigherLowerDrawing({ view, scene, size, theme }: Props) {
  const { at, next, said, told, run } = guessedOf(scene, view);
  const digits = Math.max(showNumber(String(view.from)).length, showNumber(String(view.to)).length);
  // In a low room the words stand beside the two numbers, elsewhere above and below them.
  const beside = size.height < 260 && size.width > size.height * 3;
  const small = Math.min(
    clamp(grown(theme, 22), size.height * 0.055, grown(theme, theme.strong ? 34 : 28)),
    size.height * (beside ? 0.15 : 0.093),
  );
  const chanceLines = view.chances === "after" ? Math.ceil((CHANCES * small * 0.5) / size.width) : 0;
  // In a narrow room the guess stands below the two numbers.
  const narrow = !beside && size.width < WIDE_CARDS + SAID * 1.15 * small;
  const words = beside ? 16 : small * (4.4 + 1.6 * chanceLines + (narrow ? 1.8 : 0)) + 32;
  const side = clamp(
    44,
    Math.min(
      size.height * (beside ? 1 : 0.56),
      size.height - words,
      size.width * (beside ? 0.24 : narrow ? 0.46 : 0.32),
    ),
    grown(theme, theme.strong ? 360 : 300),
  );
  const numeral = Math.min(side * 0.5, side / (digits * 0.62));
  const right = told && at !== null && next !== null && said !== null && isRight(said, at, next);
  const chances = at === null ? null : chancesAt(view, Number(at));
  const card = "flex items-center justify-center rounded-card font-numeral leading-none font-bold";
  const cards = (
    <div
      className={`flex items-center ${narrow ? "flex-wrap justify-center" : ""}`}
      style={{ gap: narrow ? size.width * 0.06 : side * 0.14 }}
    >
      <span
        role="img"
        aria-label={at === null ? "No number yet" : showNumber(at)}
        data-part="at"
        className={`${card} ${at === null ? "border-3 border-dashed border-rule" : "border-3 border-rule bg-mist"}`}
        style={{ width: side, height: side, fontSize: numeral }}
      >
        {at === null ? "" : showNumber(at)}
      </span>
      <span
        data-part="said"
        className={`flex items-center ${narrow ? "order-last w-full min-h-[1.3em]" : ""} justify-center text-center leading-tight font-bold`}
        style={{ fontSize: small * 1.15, width: narrow ? undefined : `${SAID}em` }}
      >
        {said === null ? "" : said === "higher" ? "Higher" : "Lower"}
      </span>
      <span
        role="img"
        aria-label={next === null ? "No next number yet" : told ? showNumber(next) : "Next number, covered"}
        data-part="next"
        className={`${card} ${next === null ? "border-3 border-dashed border-rule" : told ? `border-5 ${right ? "border-kelp-dot bg-kelp" : "border-coral-dot bg-coral"}` : "bg-cover text-on-cover"}`}
        style={{ width: side, height: side, fontSize: numeral }}
      >
        {next === null ? "" : told ? showNumber(next) : "?"}
      </span>
    </div>
  );
  const range = (
    <p className="font-semibold text-quiet" style={{ fontSize: small }}>
      {showNumber(String(view.from))} to {showNumber(String(view.to))}
    </p>
  );
  const outcome = (
    <>
      <p
        aria-live="polite"
        data-part="run"
        className="flex min-h-[1.6em] items-center gap-3 font-semibold"
        style={{ fontSize: small * 1.1 }}
      >
        {told ? (right ? "Right." : "Not this time.") : ""}
        {run > 0 && <span>{run} in a row</span>}
      </p>
      {view.chances === "after" && (
        <p data-part="chances" className="min-h-[1.5em] text-quiet" style={{ fontSize: small }}>
          {told && chances
            ? `Higher than ${showNumber(at!)}: ${chanceWords(view, chances.higher)} numbers. Lower: ${chanceWords(view, chances.lower)}.`
            : ""}
        </p>
      )}
    </>
  );
  return beside ? (
    <div className="flex size-full items-center justify-center gap-8">
      {cards}
      <div className="flex w-[34%] flex-col gap-2">
        {range}
        {outcome}
      </div>
    </div>
  ) : (
    <div
      className="flex size-full flex-col items-center justify-center"
      style={{ gap: Math.min(16, size.height * 0.05) }}
    >
      {range}
      {cards}
      {outcome}
    </div>
  );
}
