import { type Regions, regionName, regionsOf } from "@/core/lesson/regions";
import type { NumberKey } from "@/core/number/exact";
import { listWords } from "@/core/number/list-words";
import { manyOf } from "@/core/number/many-of";
import { showNumber } from "@/core/number/show-number";
import { type Ink, inkBit } from "@/core/set/ink";
import { clamp, type DrawingProps, grown, type Size } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said } from "../said";
import { fillRegion, GAP, LINE, sizeInRegion, type Word } from "./fill-region";
import { layOutOvals, type Oval, type Row, rowsIn } from "./ovals";

type Props = DrawingProps<"diagram"> & { onNumber?: (number: NumberKey) => void };

/** Minimum size of the numbers when there are many, on an ordinary screen. */
const SMALLEST = 9;
/** Where on its outline each set carries the shape of its ink, away from the others, as an angle from the right. */
const turnOf = (i: number, ovals: readonly Oval[]): number => {
  if (ovals.length === 1) return -90;
  if (ovals.length === 3) return [-140, -40, 90][i]!;
  return i === 0 ? -140 : ovals[0]!.x === ovals[1]!.x ? 140 : -40;
};

/** The marked numbers of a board in overlapping rings, a ring for each ink. */
export function DiagramDrawing({ view, board, scene, size, theme, onNumber }: Props) {
  const found = regionsOf(board, scene);
  const { inks, regions } = found;
  const name = clamp(grown(theme, 17), size.height * 0.045, grown(theme, 26));
  if (inks.length === 0)
    return (
      <Said theme={theme} size={size}>
        Mark numbers in two or three inks to see them here.
      </Said>
    );
  const outside = view.outside === "shown" ? regions.get(0) : undefined;
  const below = outside ? heightBelow(outside.numbers, size, name) : 0;
  const notes = notesOn(found);
  const line = notes === "" ? 0 : name * 1.8;
  const figure = clamp(9, Math.min(size.width, size.height) * 0.028, grown(theme, 20));
  const room = { width: size.width, height: Math.max(1, size.height - below - line) };
  const { size: drawn, ovals } = layOutOvals(inks.length, room, figure);
  // All numbers have one size, as large as the fullest region allows; if even the smallest is too large they are
  // counted instead.
  const largest = grown(theme, theme.strong ? 40 : 32);
  const smallest = grown(theme, SMALLEST);
  const filled = Array.from({ length: 2 ** inks.length - 1 }, (_, i) => {
    const set = setOf(i + 1, inks);
    const words = view.numbers === "counted" ? [] : wordsOf(regions.get(set));
    return { bits: i + 1, set, words, fits: sizeInRegion(ovals, i + 1, words, largest, smallest) };
  });
  const numeral = Math.min(largest, ...filled.flatMap(({ fits }) => fits ?? []));
  return (
    <div className="flex size-full flex-col items-center justify-center">
      <div className="relative" style={drawn}>
        <svg aria-hidden {...drawn} className="absolute inset-0">
          {ovals.map(({ x, y, rx, ry }, i) => (
            <path
              key={inks[i]}
              d={`M${round(x - rx)} ${round(y)}a${round(rx)} ${round(ry)} 0 1 1 ${round(2 * rx)} 0a${round(rx)} ${round(ry)} 0 1 1 ${round(-2 * rx)} 0z`}
              fill={INK_STYLE[inks[i]!].ground}
              fillOpacity={0.55}
              stroke={INK_STYLE[inks[i]!].figure}
              strokeWidth={grown(theme, theme.strong ? 5 : 3)}
            />
          ))}
          {ovals.map(({ x, y, rx, ry }, i) => {
            const turn = (turnOf(i, ovals) * Math.PI) / 180;
            return (
              <InkFigure
                key={inks[i]}
                ink={inks[i]!}
                x={x + Math.cos(turn) * (rx + figure * 0.3)}
                y={y + Math.sin(turn) * (ry + figure * 0.3)}
                radius={figure}
              />
            );
          })}
        </svg>
        {filled.map(({ bits, set, words, fits }) => {
          const counted = view.numbers === "counted";
          const many = manyIn(regions.get(set));
          const count = [wordOf(`${many}`)];
          const inWords = [...count, wordOf(many === 1 ? "number" : "numbers")];
          const max = counted ? largest : smallest * 1.4;
          // Its numbers; or their count, in fewer words if there is less room: no region says nothing about its
          // numbers.
          const ways = [
            ...(counted || fits === null ? [] : [{ told: words, at: numeral }]),
            ...(counted ? [] : [{ told: inWords, at: max }]),
            { told: count, at: sizeInRegion(ovals, bits, count, max, smallest) ?? smallest },
          ].map(({ told, at }) => ({ told, at, rows: fillRegion(ovals, bits, told, at) }));
          const { told, at, rows: fitting } = ways.find((way) => way.rows !== null) ?? ways.at(-1)!;
          const rows = fitting ?? [];
          const numbers = told === words ? (regions.get(set)?.numbers ?? []) : [];
          const box = boxAbout(
            rows.length > 0 ? rows : rowsIn(ovals, bits, 1, at * LINE, 0),
            at * LINE,
            ovals[0]!,
          );
          return (
            <section
              key={bits}
              aria-label={labelOf(set, found)}
              data-region={set}
              className="absolute"
              style={{ ...box, fontSize: at }}
            >
              {rows.map(({ left, top, width, words: row }) => (
                <div
                  key={top}
                  className="absolute flex items-center justify-center"
                  style={{
                    left: left - box.left,
                    top: top - box.top,
                    width,
                    height: at * LINE,
                    gap: at * GAP,
                    lineHeight: 1.1,
                  }}
                >
                  {row.map((i) =>
                    i < numbers.length ? (
                      <Numeral key={i} number={numbers[i]!} onNumber={onNumber} />
                    ) : (
                      <Told key={i} word={told[i]!.text} isCover={told === words} />
                    ),
                  )}
                </div>
              ))}
            </section>
          );
        })}
      </div>
      {notes !== "" && (
        <p
          className="flex items-center font-semibold text-quiet"
          style={{ height: line, fontSize: name * 0.95 }}
        >
          {notes}
        </p>
      )}
      {outside && (
        <Outside
          found={found}
          counted={view.numbers === "counted"}
          size={{ width: size.width * 0.96, height: below }}
          largest={name}
          smallest={smallest}
          onNumber={onNumber}
        />
      )}
    </div>
  );
}

/** The bounding box of rows of one height; without any, a point of the set. */
function boxAbout(rows: readonly Row[], height: number, { x, y }: Oval) {
  if (rows.length === 0) return { left: x, top: y, width: 0, height: 0 };
  const [left, top] = [Math.min(...rows.map((row) => row.left)), Math.min(...rows.map((row) => row.top))];
  const right = Math.max(...rows.map((row) => row.left + row.width));
  return { left, top, width: right - left, height: Math.max(...rows.map((row) => row.top)) + height - top };
}

type RegionOf = ReturnType<Regions["regions"]["get"]>;

const manyIn = (region: RegionOf): number => (region ? region.numbers.length + region.covered : 0);

/** The name of a region with how many numbers are in it. */
function labelOf(set: number, { inks, regions }: Regions): string {
  const many = manyIn(regions.get(set));
  return `${regionName(set, inks)}: ${manyOf(many, "number")}`;
}

/** A word, slightly overestimated in width. */
const wordOf = (text: string): Word => ({ text, wide: text.length * 0.62 });

/** The contents of a region: its numbers, and how many more are covered. */
function wordsOf(region: RegionOf): Word[] {
  if (!region) return [];
  const numbers = region.numbers.map((number) => wordOf(showNumber(number)));
  if (region.covered === 0) return numbers;
  const text = `${region.covered} covered`;
  return [...numbers, { text, wide: text.length * 0.56 + 1 }];
}

/** A number of a region, to be touched where there is a hand. */
function Numeral({ number, onNumber }: { number: NumberKey; onNumber: Props["onNumber"] }) {
  if (!onNumber) return <span className="font-numeral font-bold">{showNumber(number)}</span>;
  return (
    <button
      type="button"
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onNumber(number)}
      className="font-numeral font-bold"
    >
      {showNumber(number)}
    </button>
  );
}

/** A word of a region that is not a number: how many there are, or how many are covered. */
const Told = ({ word, isCover }: { word: string; isCover: boolean }) =>
  isCover ? (
    <span className="rounded-button bg-cover px-[0.5em] font-semibold whitespace-nowrap text-on-cover">
      {word}
    </span>
  ) : (
    <span className="font-numeral font-bold whitespace-nowrap">{word}</span>
  );

/** What the rings do not show: covered numbers, and inks without a ring. */
function notesOn({ hidden, more }: Regions): string {
  const covered =
    hidden === 0 ? "" : hidden === 1 ? "1 number is covered." : `${hidden} numbers are covered.`;
  return [covered, more.length === 0 ? "" : `Not drawn: ${listWords(more)}.`].filter(Boolean).join(" ");
}

/** The inks of the sets of a region, whose place among the sets its bits name. */
const setOf = (bits: number, inks: readonly Ink[]): number =>
  inks.reduce((set, ink, i) => ((bits & (1 << i)) === 0 ? set : set | inkBit(ink)), 0);

/** The height of what is outside the rings: two lines with their name, and more where there are many numbers. */
function heightBelow(numbers: readonly NumberKey[], { width, height }: Size, name: number): number {
  const lines = linesAt(numbers.map(showNumber), width * 0.96, name * 0.9);
  return clamp(name * 3.1, name * (1.4 + 0.9 * 1.22 * lines), height * 0.36);
}

type OutsideProps = {
  found: Regions;
  counted: boolean;
  size: Size;
  largest: number;
  smallest: number;
  onNumber: Props["onNumber"];
};

/** The numbers outside all rings, below them, as large as they can all be. */
function Outside({ found, counted, size: { width, height }, largest, smallest, onNumber }: OutsideProps) {
  const region = found.regions.get(0);
  const numbers = region?.numbers ?? [];
  const covered = region?.covered ?? 0;
  const texts = wordsOf(region).map(({ text }) => text);
  const size = counted ? largest : sizeFor(texts, width, height - largest * 1.2, largest, smallest);
  return (
    <section
      aria-label={labelOf(0, found)}
      data-region={0}
      className="flex flex-wrap content-center items-center justify-center overflow-hidden"
      style={{
        width,
        height,
        fontSize: size ?? largest,
        gap: `${round((size ?? 0) * 0.12)}px ${round((size ?? largest) * GAP)}px`,
        lineHeight: 1.1,
      }}
    >
      <span className="w-full text-center font-semibold text-quiet" style={{ fontSize: largest * 0.7 }}>
        {regionName(0, found.inks)}
      </span>
      {counted || size === null ? (
        <Told word={size === null ? manyOf(manyIn(region), "number") : `${manyIn(region)}`} isCover={false} />
      ) : (
        <>
          {numbers.map((number) => (
            <Numeral key={number} number={number} onNumber={onNumber} />
          ))}
          {covered > 0 && <Told word={`${covered} covered`} isCover />}
        </>
      )}
    </section>
  );
}

/** The largest size at which numbers all fit in a box, or null. */
function sizeFor(
  texts: readonly string[],
  width: number,
  height: number,
  largest: number,
  smallest: number,
): number | null {
  for (let size = largest; size >= smallest; size -= 1) {
    if (linesAt(texts, width, size) * size * LINE <= height) return round(size);
  }
  return null;
}

function linesAt(texts: readonly string[], width: number, size: number): number {
  let [lines, at] = [1, 0];
  for (const text of texts) {
    const wide = text.length * size * 0.62 + size * GAP;
    if (at + wide > width && at > 0) [lines, at] = [lines + 1, 0];
    at += wide;
  }
  return lines;
}
