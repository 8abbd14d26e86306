import type { Wanting } from "@/core/count/exchange";
import type { Pieces } from "@/core/number/place-value";
import { placeName } from "@/core/number/place-words";
import { grown, type Size, type Theme } from "../drawing";
import { BlockShape } from "../place-value/blocks";
import { placeStyle } from "../place-value/place-style";
import { round } from "../round";

type Props = {
  pieces: readonly Pieces[];
  /** They are named, as those beside them: see `hasBlocks`. */
  told: boolean;
  wanting: Wanting | null;
  size: Size;
  theme: Pick<Theme, "screen">;
};

/** Whether pieces can be drawn as blocks. Beside numbers without blocks those of all are named. */
export const hasBlocks = (pieces: readonly Pieces[]): boolean =>
  pieces.every(({ place }) => place >= 0 && place <= 3);

/** How far plates and cubes that lie on each other are moved apart, in ones. */
const OVER = 2.4;
const ROD = 1.45;
const ONE = 1.12;

/**
 * The pieces of a stop, small and to one scale: plates and cubes lie on each other, rods and ones stand below them, and
 * those that are wanting are outlines.
 */
export function StopPieces({ pieces, told, wanting, size, theme }: Props) {
  const count = (place: number) => pieces.find((some) => some.place === place)?.count ?? 0;
  const more = (place: number) => (wanting?.place === place ? wanting.count : 0);
  if (told) return <Told pieces={pieces} size={size} />;
  const [ones, tens, hundreds, thousands] = [0, 1, 2, 3].map((place) => count(place) + more(place)) as [
    number,
    number,
    number,
    number,
  ];
  const pile = (n: number, side: number) => (n === 0 ? 0 : side + (n - 1) * OVER);
  const [large, plates, rods] = [pile(thousands, 13), pile(hundreds, 10), tens * ROD];
  const above = large + (large > 0 && plates > 0 ? 2 : 0) + plates;
  const below = rods + (ones > 0 ? 2 + Math.ceil(ones / 10) * 1.4 : 0);
  const high = Math.max(large, plates, above > 0 ? 10 : 0);
  const unit = Math.max(
    1,
    Math.min((size.width - 8) / Math.max(above, below, 12), size.height / (high + 12), grown(theme, 18)),
  );
  const left = (size.width - Math.max(above, below) * unit) / 2;
  const block = (place: number, x: number, y: number, isWanting: boolean) =>
    isWanting ? (
      <Wanted key={`${place} ${x} ${y}`} place={place} x={left + x * unit} y={y * unit} unit={unit} />
    ) : (
      <BlockShape
        key={`${place} ${x} ${y}`}
        as="blocks"
        wanting={false}
        place={place}
        x={left + x * unit}
        y={y * unit}
        unit={round(unit)}
      />
    );
  const each = (n: number, of: (nth: number) => React.ReactNode) =>
    Array.from({ length: n }, (_, i) => of(i));
  const lower = high + (high > 0 ? 1.6 : 0);
  return (
    <svg aria-hidden width={size.width} height={size.height} className="block overflow-visible">
      {each(thousands, (i) => block(3, i * OVER, i * OVER, i >= count(3)))}
      {each(hundreds, (i) => block(2, (large > 0 ? large + 2 : 0) + i * OVER, i * OVER, i >= count(2)))}
      {each(tens, (i) => block(1, i * ROD, lower, i >= count(1)))}
      {each(ones, (i) =>
        block(0, rods + 2 + Math.floor(i / 10) * 1.4, lower + (i % 10) * ONE * 0.91, i >= count(0)),
      )}
    </svg>
  );
}

function Wanted({ place, x, y, unit }: { place: number; x: number; y: number; unit: number }) {
  const side = { 0: [1, 1], 1: [1, 10], 2: [10, 10], 3: [13, 13] }[place] as [number, number];
  return (
    <rect
      x={round(x)}
      y={round(y)}
      width={round(side[0] * unit)}
      height={round(side[1] * unit)}
      rx={Math.min(3, unit * 0.2)}
      fill="none"
      stroke={placeStyle(place).line}
      strokeWidth={Math.max(1.6, unit * 0.09)}
      strokeDasharray="3 2.5"
    />
  );
}

/** The columns of words in which they are largest, and how high a line of them then is. */
function inColumns(
  many: number,
  longest: number,
  { width, height }: Size,
): { columns: number; line: number } {
  const tried = Array.from({ length: many }, (_, i) => {
    const columns = i + 1;
    const line = Math.min(
      height / (Math.ceil(many / columns) + 0.5),
      width / columns / (longest * 0.46 + 0.6),
    );
    return { columns, line };
  });
  return tried.reduce((best, one) => (one.line > best.line ? one : best));
}

function Told({ pieces, size }: Pick<Props, "pieces" | "size">) {
  const some = pieces
    .filter(({ count }) => count > 0)
    .map(({ place, count }) => ({ place, words: `${count} ${placeName(place, count)}` }));
  const longest = Math.max(1, ...some.map(({ words }) => words.length));
  const { columns, line } = inColumns(Math.max(1, some.length), longest, size);
  return (
    <p
      className="grid place-content-center justify-items-center font-bold"
      style={{
        width: size.width,
        height: size.height,
        fontSize: line * 0.78,
        lineHeight: `${line}px`,
        gridTemplateColumns: `repeat(${columns}, auto)`,
        columnGap: line * 0.6,
      }}
    >
      {some.map(({ place, words }) => (
        <span key={place} style={{ color: placeStyle(place).text }}>
          {words}
        </span>
      ))}
    </p>
  );
}
