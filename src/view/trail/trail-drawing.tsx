import { Fragment, type ReactNode } from "react";
import { countedFrom } from "@/core/count/count";
import { numberSentence, type SentencePart, unbroken } from "@/core/count/number-sentence";
import { onesCycle } from "@/core/count/ones-cycle";
import { numbersSaid } from "@/core/count/trail";
import type { Board } from "@/core/lesson/board";
import { arrowsOf, boardHolds, textOn } from "@/core/lesson/views-of";
import { countedIn } from "@/core/number/counted-in";
import { type NumberKey, sumOf } from "@/core/number/exact";
import { isCoveredAt } from "@/core/scene/scene";
import { clamp, type DrawingProps, grown, type Size } from "../drawing";
import { Words } from "../number/words-later";
import { SILENT } from "../said";
import {
  fitSentence,
  fitting,
  HIGH,
  LETTER,
  LETTER_OF_SENTENCE,
  LINE,
  LISTED,
  linesOf,
  type TitlePlace,
} from "./fitting";

/**
 * The trail in numbers: its number sentence, the numbers so far and the ones digits. Covered parts stay covered.
 * Without a trail, it says what is counted, or that a route will stand here.
 */
export function TrailDrawing({
  view: settings,
  board,
  scene,
  size,
  theme,
  mayAsk = false,
}: DrawingProps<"trail">) {
  const { trail } = scene;
  const write = textOn(board);
  const holds = boardHolds(board);
  const heavier = theme.strong ? 1.2 : 1;
  const high = (min: number, share: number, max: number) =>
    clamp(min, share * theme.screen, grown(theme, max)) * heavier;
  const says = (text: string) => <Said text={text} size={high(20, 0.027, 24)} room={size} />;
  if (!trail) return says(invitation(board, mayAsk));

  // During a silent count, nothing here reveals where it is, or how far it has come.
  if (scene.hushed) return says(SILENT);

  const said = numbersSaid(trail, holds);
  const sentence = numberSentence(trail);
  const hidden = (number: NumberKey) => isCoveredAt(scene, number);
  // If a number and its jump are covered, rows as long as the cycle would give them away.
  const tellsCycle = !(said.some(hidden) && trail.covers.some(({ size }) => size));
  const cycle = tellsCycle ? onesCycle(said, trail.jumps) : null;
  /** A term whose jumps are covered on the line is covered here too. */
  const isHidden = (part: SentencePart) =>
    part.kind === "number"
      ? hidden(part.number)
      : part.kind === "term" && part.jumps.length > 0 && part.jumps.every((jump) => trail.covers[jump]?.size);
  // After the last number of the chart there is nothing to ask for.
  const last = trail.jumps.at(-1);
  const goesOn = last === undefined || holds(sumOf(trail.end, last));
  const titles = high(15, 0.019, 20);
  const gap = high(12, 0.032, 30);
  const sizes = {
    sentence: high(26, 0.054, 64),
    words: high(22, 0.036, 42),
    ones: high(22, 0.04, 44),
  };
  const [large, small] = [high(22, 0.04, 44), high(18, 0.029, 32)];
  const head = titles * HIGH.title + 4 + gap;
  // In a room that is wide and low the parts stand beside each other.
  const groups = [settings.sentence || settings.words !== "off", settings.numbers, settings.ones];
  const across = groups.filter(Boolean).length;
  const isWide = across > 1 && size.width > WIDE * size.height;
  const column = isWide ? { ...size, width: (size.width - (across - 1) * gap) / across } : size;
  // Covered parts take the same room whatever they are.
  const letters = (sentence ?? []).reduce(
    (sum, part) => sum + (isHidden(part) ? COVERED : textOf(part, write).length) + 1,
    0,
  );
  const title = jumpsSoFar(trail.jumps.length);
  const isAlone = !settings.numbers && !settings.ones && settings.words === "off";
  const titled = {
    across: title.length * LETTER * titles + titles,
    down: titles * HIGH.title + 4,
  };
  const oneLine = column.width / (Math.max(1, letters) * LETTER_OF_SENTENCE);
  const fitted = isAlone
    ? fitSentence(letters, sizes.sentence, size, titled)
    : {
        size: isWide ? clamp(0.6 * sizes.sentence, oneLine, sizes.sentence) : sizes.sentence,
        title: "above" as const,
      };
  const inWords = hidden(trail.end) ? COVERED : lengthInWords(trail.end);
  const texts = said.slice(-LISTED).map((number) => (hidden(number) ? "0".repeat(COVERED) : write(number)));
  const used =
    (settings.sentence ? head + sizes.sentence * LINE * linesOf(letters, sizes.sentence, size) : 0) +
    (settings.words === "off" ? 0 : head + sizes.words * LINE * linesOf(inWords, sizes.words, size));
  // However many digits a row has, they do not overlap.
  const digit = Math.min(sizes.ones, column.width / (APART * (cycle?.length ?? 1)));
  const ones = settings.ones && cycle ? { rows: cycle.rows.length, size: digit } : null;
  const inRoom = (numeral: number) => {
    const numbers = settings.numbers ? { texts, size: numeral } : null;
    const of = { room: column, used: isWide ? 0 : used, title: titles, gap };
    if (!isWide) return fitting({ ...of, numbers, ones });
    return { ...fitting({ ...of, numbers, ones: null }), rows: fitting({ ...of, numbers: null, ones }).rows };
  };
  // A long list is written smaller; beside other parts, a list counts as long if it would not fit.
  const hasMany = isWide ? inRoom(large).listed < texts.length : said.length > 15;
  const numeral = hasMany ? small : large;
  const room = inRoom(numeral);
  const listed = said.slice(-room.listed);
  const inColumns = isWide && { gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))` };
  const inWordsAndSigns = (
    <>
      {settings.sentence && (
        <Part title={title} size={titles} place={fitted.title}>
          {sentence && (
            <p
              className="font-numeral leading-tight font-bold"
              style={{ fontSize: fitted.size }}
              data-part="sentence"
            >
              {unbroken(sentence).map((group, at) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a sentence is read in order, and its parts do not move.
                <Fragment key={at}>
                  {at > 0 && " "}
                  <span className="whitespace-nowrap">
                    {group.map((part, index) => (
                      // biome-ignore lint/suspicious/noArrayIndexKey: as above.
                      <Fragment key={index}>
                        {index > 0 && "\u00a0"}
                        {isHidden(part) ? <Covered /> : textOf(part, write)}
                      </Fragment>
                    ))}
                  </span>
                </Fragment>
              ))}
            </p>
          )}
        </Part>
      )}
      {settings.words !== "off" && (
        <Part title="In words" size={titles}>
          <p
            className="leading-tight font-semibold first-letter:uppercase"
            style={{ fontSize: sizes.words }}
            data-part="words"
          >
            {hidden(trail.end) ? <Covered /> : <Words number={trail.end} form={settings.words} />}
          </p>
        </Part>
      )}
    </>
  );
  return (
    <div className={isWide ? "grid" : "flex flex-col"} style={{ gap, ...inColumns }}>
      {isWide && groups[0] ? (
        <div className="flex flex-col" style={{ gap }}>
          {inWordsAndSigns}
        </div>
      ) : (
        inWordsAndSigns
      )}
      {settings.numbers && (
        <Part title="Numbers so far" size={titles}>
          <p className="font-numeral leading-snug" style={{ fontSize: numeral }} data-part="numbers">
            {listed.length < said.length && "… "}
            {listed.map((number, index) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a trail may come to a number twice.
              <Fragment key={index}>
                {index > 0 && " "}
                <span className="whitespace-nowrap">
                  {hidden(number) ? <Covered /> : write(number)}
                  {(goesOn || index < listed.length - 1) && ","}
                  {/* The question does not stand alone in a line. */}
                  {goesOn && index === listed.length - 1 && <b>&nbsp;?</b>}
                </span>
              </Fragment>
            ))}
          </p>
        </Part>
      )}
      {settings.ones && cycle && room.rows > 0 && (
        <Part title="Ones digits so far" size={titles}>
          <div className="font-numeral leading-[1.3]" style={{ fontSize: digit }} data-part="ones">
            {room.rows > 1 && cycle.rows.length > room.rows && <p className="leading-none text-quiet">…</p>}
            {cycle.rows.slice(-room.rows).map((row, r) => {
              const first = Math.max(0, cycle.rows.length - room.rows) + r;
              return (
                <p
                  key={first}
                  className={`grid ${first > 0 ? "font-bold text-sun-deep" : ""}`}
                  style={{ gridTemplateColumns: `repeat(${Math.max(cycle.length, 6)}, minmax(0, 1.6em))` }}
                >
                  {row.map((digit, d) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: the column is the place in the cycle.
                    <span key={d}>{hidden(said[first * cycle.length + d]!) ? <Covered small /> : digit}</span>
                  ))}
                </p>
              );
            })}
          </div>
        </Part>
      )}
    </div>
  );
}

/** Minimum distance of digits in a row, in text sizes. */
const APART = 0.8;

/** The ratio of width to height from which parts stand beside each other. */
const WIDE = 2.2;

/** The width of a cover, in letters. */
const COVERED = 3;

/** About how many letters a number has in words, whose text comes later than its room. */
const lengthInWords = (number: NumberKey) => 10 * number.length - 6;

/** The message while there is no trail. */
function invitation(board: Board, mayAsk: boolean): string {
  if (arrowsOf(board)) return "The route goes here.";
  const { by, from, way } = board.count;
  const write = textOn(board);
  const counting = `Counting ${way === "back" ? "back " : ""}in ${countedIn(by, write)} from ${countedFrom(from, write)}.`;
  return mayAsk ? `${counting} What is the first number?` : counting;
}

/** A few words in the middle; in a room too low for two lines, in one. */
function Said({ text, size, room }: { text: string; size: number; room: Size }) {
  const isLow = room.height < 2 * LINE * size;
  return (
    <p
      className={`text-center leading-snug text-quiet ${isLow ? "grid h-full place-items-center" : "m-auto max-w-[13em]"}`}
      style={{ fontSize: isLow ? Math.min(size, room.width / (text.length * LETTER)) : size }}
    >
      {text}
    </p>
  );
}

const textOf = (part: SentencePart, write: (number: NumberKey) => string): string => {
  if (part.kind === "sign") return part.text;
  if (part.kind === "number") return write(part.number);
  return part.jumps.length === 0 ? part.text : write(part.by.replace("-", ""));
};

const jumpsSoFar = (jumps: number) => (jumps === 1 ? "1 jump so far" : `${jumps} jumps so far`);

type PartProps = { title: string; size: number; place?: TitlePlace; children: ReactNode };

const TITLES = { above: "mb-1", before: "whitespace-nowrap", heard: "sr-only" } as const;

function Part({ title, size, place = "above", children }: PartProps) {
  return (
    <section
      className={place === "before" ? "flex items-baseline gap-[0.9em]" : ""}
      style={{ fontSize: size }}
    >
      <h2 className={`font-semibold text-quiet ${TITLES[place]}`} style={{ fontSize: size, lineHeight: 1.5 }}>
        {title}
      </h2>
      {children}
    </section>
  );
}

/** A number that is covered on the board is covered here too. */
function Covered({ small }: { small?: boolean }) {
  return (
    <span
      role="img"
      aria-label="covered"
      className={`inline-block h-[0.86em] rounded-[0.2em] bg-cover align-[-0.06em] ${small ? "w-[0.8em]" : "w-[1.5em]"}`}
    />
  );
}
