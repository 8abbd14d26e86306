import { type Regions, regionsOf } from "@/core/lesson/regions";
import { listWords } from "@/core/number/list-words";
import { type Ink, inkBit } from "@/core/set/ink";
import { clamp, type DrawingProps, grown } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said } from "../said";
import { fillRegion, GAP, LINE, sizeInRegion } from "./fill-region";
import { heightBelow, Outside } from "./outside";
import { layOutOvals, type Oval, type Row, rowsIn } from "./ovals";
import { labelOf, manyIn, Numeral, type OnNumber, Told, wordOf, wordsOf } from "./region";

type Props = DrawingProps<"diagram"> & { onNumber?: OnNumber };

/** Minimum size of the numbers when there are many, as a part of the screen's height: smaller ones are not read from the last row. */
const SMALLEST = 0.02;
/** Minimum size of anything, in pixels: of numbers on paper, of how many there are in the narrowest region of a picture. */
const LEAST = 9;
/** The size of the largest count, in sizes of the smallest. */
const MORE = 1.4;
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
  const figure = clamp(9, Math.min(size.width, size.height) * 0.028, grown(theme, 20));
  const largest = grown(theme, theme.strong ? 40 : 32);
  const smallest = Math.max(LEAST, SMALLEST * theme.screen);
  const ovalsAbove = (notes: string) => {
    const line = notes === "" ? 0 : name * 1.8;
    const room = { width: size.width, height: Math.max(1, size.height - below - line) };
    return { line, ...layOutOvals(inks.length, room, figure) };
  };
  const sets = Array.from({ length: 2 ** inks.length - 1 }, (_, i) => ({
    bits: i + 1,
    set: setOf(i + 1, inks),
  }));
  // All numbers have one size, as large as the fullest region allows. If even the smallest is too large for one, those of
  // every region are counted: a count beside numbers would be read as one of them.
  const asked = view.numbers === "counted";
  const told = notesOn(found, false);
  const above = ovalsAbove(told);
  const sizes = asked
    ? []
    : sets.map(({ bits, set }) =>
        sizeInRegion(above.ovals, bits, wordsOf(regions.get(set)), largest, smallest),
      );
  const noRoom = sizes.includes(null);
  const counted = asked || noRoom;
  const notes = noRoom ? notesOn(found, true) : told;
  const { size: drawn, ovals, line } = noRoom ? ovalsAbove(notes) : above;
  const numeral = Math.min(largest, ...sizes.map((size) => size ?? largest));
  const counts = sets.map(({ bits, set }) => {
    const word = wordOf(`${manyIn(regions.get(set))}`);
    return { word, fits: sizeInRegion(ovals, bits, [word], largest, LEAST) ?? LEAST };
  });
  // Counts are of nearly one size: no region is more important than another.
  const largestCount = MORE * Math.min(...counts.map(({ fits }) => fits));
  return (
    <div className="flex size-full flex-col items-center justify-center">
      <div className="relative" style={drawn}>
        <svg aria-hidden {...drawn} className="absolute inset-0 overflow-visible">
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
        {sets.map(({ bits, set }, i) => {
          const { word, fits } = counts[i]!;
          const words = counted ? [word] : wordsOf(regions.get(set));
          const at = counted ? Math.min(fits, largestCount) : numeral;
          const rows = fillRegion(ovals, bits, words, at) ?? [];
          const numbers = counted ? [] : (regions.get(set)?.numbers ?? []);
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
                  {row.map((nth) =>
                    nth < numbers.length ? (
                      <Numeral key={nth} number={numbers[nth]!} onNumber={onNumber} />
                    ) : (
                      <Told key={nth} word={words[nth]!.text} isCover={!counted} />
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
          counted={counted}
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

/** What the rings do not show: covered numbers, inks without a ring, and the numbers themselves if there is no room. */
function notesOn({ hidden, more }: Regions, noRoom: boolean): string {
  const covered =
    hidden === 0 ? "" : hidden === 1 ? "1 number is covered." : `${hidden} numbers are covered.`;
  const notDrawn = more.length === 0 ? "" : `Not drawn: ${listWords(more)}.`;
  return [noRoom ? "How many numbers are in each part." : "", covered, notDrawn].filter(Boolean).join(" ");
}

/** The inks of the sets of a region, whose place among the sets its bits name. */
const setOf = (bits: number, inks: readonly Ink[]): number =>
  inks.reduce((set, ink, i) => ((bits & (1 << i)) === 0 ? set : set | inkBit(ink)), 0);
