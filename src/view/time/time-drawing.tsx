import { exact } from "@/core/number/exact";
import { HOUR, timeDigits, timeWords } from "@/core/number/time-words";
import { isCoveredPart } from "@/core/scene/covered-part";
import { isCoveredAt } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { clamp, type DrawingProps, grown } from "../drawing";
import { Said, SILENT } from "../said";
import { Touchable } from "../touchable";

/** The parts of a time that can be covered. */
export type TimePart = "time-words" | "time-digits" | "half-later" | "hour-later";

type Props = DrawingProps<"time"> & { onPart?: (part: TimePart) => void };

/** Maximum number of minutes read as a time: a day. */
const MAX = 24 * HOUR;

/**
 * The width of a letter, in text sizes; and the size in pixels on an ordinary screen below which words take two lines.
 */
const [LETTER, SMALL] = [0.52, 24];
/** The width of a digit, in text sizes; and the room beside a time in one line, in pixels. */
const [DIGIT, BESIDE] = [0.6, 32];
/** Minimum height of a row in a single column, in pixels. */
const LOW = 56;

/** The setting that gives a part's initial state. */
export const SETTING = {
  "time-words": "words",
  "time-digits": "digits",
  "half-later": "half",
  "hour-later": "later",
} as const;

/** What stands in the room of the time where there is none, or it may not be seen. */
function insteadOf({ scene, mayAsk }: Pick<Props, "scene" | "mayAsk">): string | null {
  if (scene.hushed) return SILENT;
  if (scene.focus === null) return mayAsk === false ? "" : "Touch a minute: what time is it?";
  const number = numberOf(scene.focus);
  if (isCoveredAt(scene, number)) return "The number is covered.";
  const past = exact(number);
  if (past.d !== 1n || past.s < 0n || past.compare(MAX) > 0) return "A time is read from whole minutes.";
  return null;
}

/** The number in focus as minutes past an hour: the time in words and in digits, and what it is a while later. */
export function TimeDrawing({ view, scene, size, theme, mayAsk, onPart }: Props) {
  const instead = insteadOf({ scene, mayAsk });
  if (instead !== null)
    return (
      <Said theme={theme} size={size}>
        {instead}
      </Said>
    );
  const past = exact(numberOf(scene.focus ?? "0"));
  const now = view.hour * HOUR + Number(past.n);
  const rows: { part: TimePart; label: string; text: string; large: boolean }[] = [
    { part: "time-digits", label: "", text: timeDigits(now), large: true },
    { part: "time-words", label: "", text: timeWords(now), large: true },
    {
      part: "half-later",
      label: "Half an hour later",
      text: `${timeWords(now + 30)} · ${timeDigits(now + 30)}`,
      large: false,
    },
    {
      part: "hour-later",
      label: "An hour later",
      text: `${timeWords(now + HOUR)} · ${timeDigits(now + HOUR)}`,
      large: false,
    },
  ];
  const shown = rows.filter(({ part }) => view[SETTING[part]] !== "none");
  // In a low room they stand in two columns: what time it is, and what it will be.
  const columns =
    shown.length > 2 && size.height < LOW * shown.length && size.width > 2.4 * size.height ? 2 : 1;
  const lines = Math.max(1, Math.ceil(shown.length / columns));
  const wide = size.width / columns - (columns > 1 ? 16 : 0);
  const high = Math.min(grown(theme, 120), (size.height - 12 * lines) / lines);
  return (
    <div
      className={
        columns > 1
          ? "grid size-full grid-flow-col content-evenly justify-evenly gap-x-4"
          : "flex size-full flex-col items-center justify-center gap-3"
      }
      style={columns > 1 ? { gridTemplateRows: `repeat(${lines}, auto)` } : {}}
    >
      {shown.map(({ part, label, text, large }) => {
        const covered = isCoveredPart(scene, view.id, part, view[SETTING[part]] === "covered");
        const ordinary = part === "time-digits" ? 5 : large ? 22 : 34;
        // A cover has the same length for a long and a short time.
        const letters = covered ? ordinary : Math.max(ordinary, text.length);
        // Words that would be small in one line, or too long for it, take two.
        const inTwo = part !== "time-digits" && wide / (letters * LETTER) < grown(theme, SMALL);
        const longest = inTwo ? letters * 0.6 : letters;
        const max = (part === "time-digits" ? 88 : large ? 52 : 34) * (theme.strong ? 1.25 : 1);
        const font = clamp(
          16,
          Math.min(
            high * (inTwo ? 0.32 : large ? 0.62 : 0.36),
            (inTwo ? wide : wide - BESIDE) / (longest * (part === "time-digits" ? DIGIT : LETTER)),
          ),
          grown(theme, max),
        );
        return (
          <div
            key={part}
            className="flex flex-col items-center justify-center"
            style={{ minHeight: high * 0.7 }}
          >
            {label && (
              <p
                className="font-semibold text-quiet"
                style={{ fontSize: Math.min(grown(theme, theme.strong ? 22 : 18), high * 0.34) }}
              >
                {label}
              </p>
            )}
            <Touchable
              name={
                covered
                  ? `${label || (part === "time-words" ? "Time in words" : "Time in digits")}, covered`
                  : text
              }
              data-part={part}
              onTouch={onPart && (() => onPart(part))}
              className={`flex items-center justify-center rounded-card leading-tight ${inTwo ? "text-center text-balance" : "px-4 whitespace-nowrap"} ${part === "time-words" ? "font-semibold" : "font-numeral font-bold"} ${covered ? "bg-cover" : ""}`}
              style={{
                fontSize: font,
                minHeight: font * 1.5,
                minWidth: covered ? font * (part === "time-digits" ? 3 : 9) : undefined,
              }}
            >
              {covered ? "" : text}
            </Touchable>
          </div>
        );
      })}
    </div>
  );
}
