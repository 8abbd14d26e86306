import type { Exchange } from "@/core/count/exchange";
import type { Place } from "@/core/number/place-value";
import { placeLetters, placeName } from "@/core/number/place-words";
import type { ViewOf } from "@/core/views/view";
import type { Size } from "../drawing";
import { round } from "../round";
import { Touchable } from "../touchable";
import { Beads } from "./beads";
import { BlockShape } from "./blocks";
import { type Block, type Column, sizeOf } from "./blocks-layout";
import { BundleShape } from "./bundles";
import { Discs, discRadius } from "./discs";
import { justMade, type PiecesShown } from "./pieces-shown";
import { placeStyle } from "./place-style";

type Props = {
  view: ViewOf<"place-value">;
  shown: PiecesShown;
  columns: readonly Column[];
  /** Null if they are not drawn to scale: discs, beads, and numbers without blocks. */
  blocks: readonly Block[] | null;
  room: Size;
  /** The size of the names of the places. */
  heading: number;
  /** How many times larger than on an ordinary screen discs, beads and lines may be. */
  grow: number;
  covered: boolean;
  exchanges: readonly Exchange[];
  /** Ten of this place slide together into one of the next. */
  sliding: Place | null;
  onTouch: (() => void) | undefined;
};

/** The columns of the places by name, with the pieces in each. */
export function PieceColumns(props: Props) {
  const { view, shown, columns, room, heading, covered, onTouch } = props;
  const top = heading * 2;
  const counted = shown.pieces.map(({ place, count }) => `${count} ${placeName(place, count)}`).join(", ");
  const hasPieces = view.pieces !== "none";
  // If a name would be too small to be read, letters stand for all of them.
  const short = columns.some((column) => nameIn(column, heading).font < Math.max(SMALLEST, heading * MIN));
  const drawing = (
    <svg
      aria-hidden
      width={room.width}
      height={top + (hasPieces ? room.height : 0)}
      className="block overflow-visible"
    >
      {columns.map(({ place, left, width }) => (
        <rect
          key={`column ${place}`}
          data-column={place}
          x={round(left)}
          y={0}
          width={round(width)}
          height={round(top + (hasPieces ? room.height : 0))}
          fill="transparent"
        />
      ))}
      {columns.map((column) => (
        <Heading key={column.place} {...column} size={heading} short={short} />
      ))}
      {hasPieces && <g transform={`translate(0 ${top})`}>{covered ? covers(props) : <Lying {...props} />}</g>}
    </svg>
  );
  if (!hasPieces) return drawing;
  return (
    <Touchable
      name={covered ? "Pieces, covered" : `Pieces: ${counted}`}
      onTouch={onTouch}
      data-part="pieces"
      className="block shrink-0"
    >
      {drawing}
    </Touchable>
  );
}

/** Minimum size of a name at the head of a column, in pixels, and as a share of its full size. */
const [SMALLEST, MIN] = [10, 0.38];

/** The name of a place as it fits over its column: in two lines if it would be small in one. */
function nameIn({ place, width }: Column, size: number) {
  const name = capital(placeName(place));
  const fits = (text: string) => (width - 8) / (text.length * 0.56);
  const words = fits(name) < size ? name.split(" ") : [name];
  return { words, font: Math.min(words.length > 1 ? size * 0.86 : size, ...words.map(fits)) };
}

/** The head of a place's column: its name, or the letters for it. */
function Heading({ size, short, ...column }: Column & { size: number; short: boolean }) {
  const { place, left, width } = column;
  const letters = { words: [placeLetters(place)], font: Math.min(size, (width - 4) / (3 * 0.68)) };
  const { words, font } = short ? letters : nameIn(column, size);
  const many = words.length;
  return (
    <text fontSize={round(font)} textAnchor="middle" fill={placeStyle(place).text} className="font-semibold">
      {words.map((word, line) => (
        <tspan
          key={word}
          x={round(left + width / 2)}
          y={round(size * 1.15 + (line - (many - 1) / 2) * font * 1.02)}
        >
          {word}
        </tspan>
      ))}
    </text>
  );
}

const covers = ({ columns, room }: Props) =>
  columns.map(({ place, left, width }) => (
    <rect
      key={place}
      x={round(left + 10)}
      y={2}
      width={round(width - 20)}
      height={Math.max(10, room.height - 4)}
      rx={14}
      fill="var(--color-cover)"
    />
  ));

/** The pieces as they lie. */
function Lying({ view, shown, columns, blocks, room, exchanges, sliding, grow }: Props) {
  const { pieces, gathered } = shown;
  const made = justMade(exchanges);
  if (blocks) {
    const target = blocks.find(({ place, wanting }) => wanting && place === (gathered ?? 0) + 1);
    return (
      <>
        {blocks.map((block, i) => (
          <Piece
            // biome-ignore lint/suspicious/noArrayIndexKey: a block is where it lies.
            key={`${block.place} ${i}`}
            block={block}
            to={block.place === sliding && target && isAmongTen(blocks, block) ? target : null}
          />
        ))}
        {gathered !== null && sliding === null && target && (
          <Gathered blocks={blocks} of={gathered} target={target} grow={grow} />
        )}
        {gathered === null &&
          made.map((place) => {
            const block = blocks.findLast((one) => one.place === place && !one.wanting);
            return block && <Outline key={place} {...boxOf([block])} grow={grow} />;
          })}
      </>
    );
  }
  const max = Math.max(...pieces.map(({ count, wanting = 0 }) => count + wanting));
  const radius = discRadius(columns, room.height, max, 34 * grow);
  return pieces.map(({ place, count, wanting = 0 }, i) => {
    const column = columns[i]!;
    const of = { place, count, wanting, column };
    return (
      <g key={place}>
        {view.as === "beads" ? (
          <Beads {...of} height={room.height} widest={84 * grow} />
        ) : (
          <Discs {...of} radius={radius} lit={gathered === null && made.includes(place)} />
        )}
        {gathered === place && sliding === null && (
          <Outline
            x={column.left + 14}
            y={6}
            width={column.width - 28}
            height={(view.as === "beads" ? room.height : Math.ceil(count / 2) * radius * 2.32) - 12}
            grow={grow}
          />
        )}
      </g>
    );
  });
}

/** A block or bundle; one that is wanting is an outline, one that is exchanged goes where ten of it come to. */
function Piece({ block, to }: { block: Block; to: Block | null }) {
  if (block.wanting) {
    const { width, height } = sizeOf(block);
    return (
      <rect
        x={round(block.x)}
        y={round(block.y)}
        width={round(width)}
        height={round(height)}
        rx={Math.min(6, block.unit * 0.2)}
        fill="none"
        stroke={placeStyle(block.place).line}
        strokeWidth={Math.max(2, block.unit / 14)}
        strokeDasharray="5 4"
      />
    );
  }
  const shape = block.as === "bundles" ? <BundleShape {...block} /> : <BlockShape {...block} />;
  return (
    <g
      className="piece"
      style={
        to ? { transform: `translate(${round(to.x - block.x)}px, ${round(to.y - block.y)}px)` } : undefined
      }
    >
      {shape}
    </g>
  );
}

/** Whether a block is one of the first ten of its place. */
const isAmongTen = (blocks: readonly Block[], block: Block) =>
  blocks.filter(({ place }) => place === block.place).indexOf(block) < 10;

function boxOf(blocks: readonly Block[]) {
  const boxes = blocks.map((block) => ({ ...block, ...sizeOf(block) }));
  const [x, y] = [Math.min(...boxes.map((box) => box.x)), Math.min(...boxes.map((box) => box.y))];
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

type GatheredProps = { blocks: readonly Block[]; of: Place; target: Block; grow: number };

/** The ten pieces that are to be exchanged, and the one that they become. */
function Gathered({ blocks, of, target, grow }: GatheredProps) {
  const ten = boxOf(blocks.filter(({ place, wanting }) => place === of && !wanting).slice(0, 10));
  const to = boxOf([target]);
  const [from, end] = [
    { x: ten.x - 12, y: ten.y + ten.height * 0.55 },
    { x: to.x + to.width + 9, y: to.y + Math.min(to.height * 0.5, ten.y + ten.height * 0.5) },
  ];
  const over = Math.min(from.y, end.y) - Math.min(46, (from.x - end.x) * 0.4);
  return (
    <>
      <Outline {...ten} grow={grow} />
      {from.x - end.x > 26 && (
        <g
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={3 * grow}
          strokeLinecap="round"
          strokeLinejoin="round"
        >
          <path
            d={`M${round(from.x)} ${round(from.y)}Q${round((from.x + end.x) / 2)} ${round(over)} ${round(end.x)} ${round(end.y)}`}
          />
          <path
            d={`M${round(end.x + 13 * grow)} ${round(end.y - 10 * grow)}L${round(end.x)} ${round(end.y)}l${13 * grow} ${5 * grow}`}
          />
        </g>
      )}
    </>
  );
}

type OutlineProps = { x: number; y: number; width: number; height: number; grow: number };

/** The frame around pieces that are being exchanged, or have just been. */
const Outline = ({ x, y, width, height, grow }: OutlineProps) => (
  <rect
    x={round(x - 5 * grow)}
    y={round(y - 5 * grow)}
    width={round(width + 10 * grow)}
    height={round(height + 10 * grow)}
    rx={8 * grow}
    fill="none"
    stroke="var(--color-stair)"
    strokeWidth={4 * grow}
  />
);

export const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);
