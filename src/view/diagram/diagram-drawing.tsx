import { type Regions, regionName, regionsOf } from "@/core/lesson/regions";
import type { NumberKey } from "@/core/number/exact";
import { listWords } from "@/core/number/list-words";
import { showNumber } from "@/core/number/show-number";
import { type Ink, inkBit } from "@/core/set/ink";
import { clamp, type DrawingProps, grown } from "../drawing";
import { InkFigure } from "../ink/ink-shape";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Said } from "../said";

type Props = DrawingProps<"diagram"> & { onNumber?: (number: NumberKey) => void };

type Ring = { x: number; y: number; r: number };
/** A box inside a region, in which its numbers stand, as parts of the drawing. */
type Box = readonly [x: number, y: number, width: number, height: number];

/** How a number of rings lies: the part of the plane that is seen, the rings, and the boxes of the regions, by their sets. */
type Plan = { room: Box; rings: readonly Ring[]; boxes: Readonly<Record<number, Box>> };
const PLANS: Record<number, Plan> = {
  1: { room: [21, 1, 58, 58], rings: [{ x: 50, y: 30, r: 27 }], boxes: { 1: [31, 12, 38, 36] } },
  2: {
    room: [7, 3, 86, 56],
    rings: [
      { x: 36, y: 31, r: 27 },
      { x: 64, y: 31, r: 27 },
    ],
    boxes: { 1: [12, 16, 24, 30], 2: [64, 16, 24, 30], 3: [41, 13, 18, 36] },
  },
  3: {
    room: [16, -1, 68, 64],
    rings: [
      { x: 39.5, y: 21.5, r: 21 },
      { x: 60.5, y: 21.5, r: 21 },
      { x: 50, y: 39.7, r: 21 },
    ],
    boxes: {
      1: [20.5, 10, 17, 16],
      2: [62.5, 10, 17, 16],
      4: [38.5, 45.5, 23, 12],
      3: [43, 5.5, 14, 12.5],
      5: [31.5, 28, 12, 11],
      6: [56.5, 28, 12, 11],
      7: [43.5, 20, 13, 15],
    },
  },
};

/** The marked numbers of a board in overlapping rings, a ring for each ink. */
export function DiagramDrawing({ view, board, scene, size, theme, onNumber }: Props) {
  const found = regionsOf(board, scene);
  const { inks, regions } = found;
  const name = clamp(grown(theme, 17), size.height * 0.045, grown(theme, 26));
  if (inks.length === 0) return <Said>Mark numbers in two inks or three, and they stand here.</Said>;
  const outside = regions.get(0);
  const below = view.outside === "shown" && outside ? name * 3.1 : 0;
  const notes = notesOn(found);
  const line = notes === "" ? 0 : name * 1.8;
  const { room, rings: planned, boxes } = PLANS[inks.length]!;
  const scale = Math.min(size.width / room[2], (size.height - below - line - 8) / room[3]);
  const [wide, high] = [room[2] * scale, room[3] * scale];
  const rings = planned.map(({ x, y, r }) => ({ x: x - room[0], y: y - room[1], r }));
  const boxOf = ([x, y, w, h]: Box): Box => [
    (x - room[0]) * scale,
    (y - room[1]) * scale,
    w * scale,
    h * scale,
  ];
  // All numbers are of one size, as far as the fullest region allows.
  const largest = grown(theme, theme.strong ? 40 : 32);
  const sizes = Object.entries(boxes).map(([bits, box]) => {
    const [, , w, h] = boxOf(box);
    const texts = (regions.get(setOf(Number(bits), inks))?.numbers ?? []).map((number) => showNumber(number));
    return sizeFor(texts, w, h, largest);
  });
  const numeral = Math.min(...sizes);
  return (
    <div className="flex size-full flex-col items-center justify-center">
      <div className="relative" style={{ width: wide, height: high }}>
        <svg aria-hidden width={wide} height={high} className="absolute inset-0">
          {rings.map(({ x, y, r }, i) => (
            <circle
              key={inks[i]}
              cx={round(x * scale)}
              cy={round(y * scale)}
              r={round(r * scale)}
              fill={INK_STYLE[inks[i]!].ground}
              fillOpacity={0.55}
              stroke={INK_STYLE[inks[i]!].figure}
              strokeWidth={theme.strong ? 5 : 3}
            />
          ))}
          {rings.map(({ x, y, r }, i) => {
            // Each ring wears the shape of its ink on its edge, away from the others.
            const turn = inks.length === 1 ? -90 : inks.length === 2 ? [-140, -40][i]! : [-140, -40, 90][i]!;
            const [dx, dy] = [Math.cos((turn * Math.PI) / 180) * r, Math.sin((turn * Math.PI) / 180) * r];
            return (
              <InkFigure
                key={inks[i]}
                ink={inks[i]!}
                x={(x + dx) * scale}
                y={(y + dy) * scale}
                radius={Math.max(9, scale * 1.7)}
              />
            );
          })}
        </svg>
        {Object.entries(boxes).map(([bits, box]) => (
          <Region
            key={bits}
            set={setOf(Number(bits), inks)}
            found={found}
            counted={view.numbers === "counted"}
            box={boxOf(box)}
            largest={view.numbers === "counted" ? largest : numeral}
            onNumber={onNumber}
          />
        ))}
      </div>
      {notes !== "" && (
        <p
          className="flex items-center font-semibold text-quiet"
          style={{ height: line, fontSize: name * 0.9 }}
        >
          {notes}
        </p>
      )}
      {below > 0 && (
        <Region
          set={0}
          found={found}
          counted={view.numbers === "counted"}
          box={[0, 0, size.width * 0.96, below]}
          largest={name}
          onNumber={onNumber}
          named
        />
      )}
    </div>
  );
}

/** What the rings do not show: covered numbers, and inks for which there is no ring. */
function notesOn({ hidden, more }: Regions): string {
  const covered =
    hidden === 0 ? "" : hidden === 1 ? "1 number is covered." : `${hidden} numbers are covered.`;
  return [covered, more.length === 0 ? "" : `Not drawn: ${listWords(more)}.`].filter(Boolean).join(" ");
}

/** The inks of the sets of a region, whose place among the sets its bits name. */
const setOf = (bits: number, inks: readonly Ink[]): number =>
  inks.reduce((set, ink, i) => ((bits & (1 << i)) === 0 ? set : set | inkBit(ink)), 0);

type RegionProps = {
  set: number;
  found: Regions;
  counted: boolean;
  box: Box;
  largest: number;
  onNumber: Props["onNumber"];
  named?: boolean;
};

/** The numbers of a region, as large as they can all be; covered ones are only counted. */
function Region({
  set,
  found,
  counted,
  box: [left, top, width, height],
  largest,
  onNumber,
  named,
}: RegionProps) {
  const { numbers, covered } = found.regions.get(set) ?? { numbers: [], covered: 0 };
  const name = regionName(set, found.inks);
  const many = numbers.length + covered;
  const shown = counted ? [] : numbers;
  const size = sizeFor(
    shown.map((number) => showNumber(number)),
    width,
    named ? height - largest * 1.2 : height,
    largest,
  );
  return (
    <section
      aria-label={`${name}: ${many === 1 ? "1 number" : `${many} numbers`}`}
      data-region={set}
      className={`flex flex-wrap content-center items-center justify-center overflow-hidden ${named ? "" : "absolute"}`}
      style={{
        left,
        top,
        width,
        height,
        fontSize: size,
        gap: `${round(size * 0.12)}px ${round(size * 0.42)}px`,
        lineHeight: 1.1,
      }}
    >
      {named && (
        <span
          className="w-full text-center font-semibold text-quiet"
          style={{ fontSize: Math.min(18, largest * 0.8) }}
        >
          {name}
        </span>
      )}
      {counted ? (
        <span className="font-numeral font-bold" style={{ fontSize: largest }}>
          {many}
        </span>
      ) : (
        shown.map((number) =>
          onNumber ? (
            <button
              key={number}
              type="button"
              onMouseDown={(event) => event.preventDefault()}
              onClick={() => onNumber(number)}
              className="font-numeral font-bold"
            >
              {showNumber(number)}
            </button>
          ) : (
            <span key={number} className="font-numeral font-bold">
              {showNumber(number)}
            </span>
          ),
        )
      )}
      {!counted && covered > 0 && (
        <span className="rounded-button bg-cover px-2 font-semibold text-on-cover">{covered} covered</span>
      )}
    </section>
  );
}

/** The largest size at which some numbers all stand in a box. */
function sizeFor(texts: readonly string[], width: number, height: number, largest: number): number {
  for (let size = largest; size > 9; size -= 1) {
    const lines = linesAt(texts, width, size);
    if (lines * size * 1.22 <= height) return round(size);
  }
  return 9;
}

function linesAt(texts: readonly string[], width: number, size: number): number {
  let [lines, at] = [1, 0];
  for (const text of texts) {
    const wide = text.length * size * 0.62 + size * 0.42;
    if (at + wide > width && at > 0) [lines, at] = [lines + 1, 0];
    at += wide;
  }
  return lines;
}
