import type { Exchange } from "@/core/count/exchange";
import { type Pieces, type Place, placeName } from "@/core/number/place-value";
import type { ViewOf } from "@/core/views/view";
import type { Size } from "../drawing";
import { round } from "../round";
import { Touchable } from "../touchable";
import { BlockShape } from "./blocks";
import { type Block, type Column, sizeOf } from "./blocks-layout";
import { Discs, discRadius } from "./discs";
import { placeStyle } from "./place-style";

/** The line under the pieces, in parts of the heading's size. */
export const LINE = 1.4;

type Props = {
  view: ViewOf<"place-value">;
  pieces: readonly Pieces[];
  columns: readonly Column[];
  /** Null where they are discs. */
  blocks: readonly Block[] | null;
  room: Size;
  /** The size of the names of the places. */
  heading: number;
  covered: boolean;
  exchanges: readonly Exchange[];
  onTouch: (() => void) | undefined;
};

/** The columns of the places by name, with the pieces in each. */
export function PieceColumns({
  view,
  pieces,
  columns,
  blocks,
  room,
  heading,
  covered,
  exchanges,
  onTouch,
}: Props) {
  const top = heading * 2;
  // What was exchanged is told under the pieces, in a line of its own: they do not move when it comes.
  const high = room.height - heading * LINE;
  const counted = pieces.map(({ place, count }) => `${count} ${placeName(place, count)}`).join(", ");
  const hasPieces = view.pieces !== "none";
  const radius = discRadius(columns, high);
  // The pieces that ten others have just become.
  const made = exchanges.filter(({ way }) => way === "made").map(({ of }) => of + 1);
  const drawing = (
    <svg aria-hidden width={room.width} height={top + (hasPieces ? room.height : 0)} className="block">
      {columns.map(({ place, left, width }) => (
        <g key={place}>
          <text
            x={round(left + width / 2)}
            y={heading * 1.15}
            fontSize={round(Math.min(heading, (width - 8) / (placeName(place).length * 0.56)))}
            textAnchor="middle"
            fill={placeStyle(place).text}
            className="font-semibold"
          >
            {capital(placeName(place))}
          </text>
        </g>
      ))}
      {hasPieces && (
        <g transform={`translate(0 ${top})`}>
          {covered
            ? columns.map(({ place, left, width }) => (
                <rect
                  key={place}
                  x={round(left + 10)}
                  y={2}
                  width={round(width - 20)}
                  height={Math.max(10, high - 4)}
                  rx={14}
                  fill="var(--color-ink)"
                />
              ))
            : blocks?.map((block) => <BlockShape key={`${block.place} ${block.x} ${block.y}`} {...block} />)}
          {!covered &&
            made.map((place) => {
              const block = blocks?.findLast((one) => one.place === place);
              return block && <Outline key={place} block={block} />;
            })}
          {!covered &&
            !blocks &&
            pieces.map(({ place, count }, i) => (
              <Discs
                key={place}
                place={place}
                count={count}
                column={columns[i]!}
                radius={radius}
                lit={made.includes(place)}
              />
            ))}
          {!covered &&
            exchanges.map((exchange) => (
              <Told
                key={exchange.of}
                {...exchange}
                column={columns.find(({ place }) => place === exchange.of + 1)}
                y={room.height}
                size={heading * 0.85}
              />
            ))}
        </g>
      )}
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

/** About the piece that has just come of ten others. */
function Outline({ block }: { block: Block }) {
  const { width, height } = sizeOf(block);
  return (
    <rect
      x={round(block.x - 4)}
      y={round(block.y - 4)}
      width={round(width + 8)}
      height={round(height + 8)}
      rx={7}
      fill="none"
      stroke="var(--color-stair)"
      strokeWidth={4}
    />
  );
}

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);

type ToldProps = Exchange & { column: Column | undefined; y: number; size: number };

/** What the last jump has exchanged, under the place that it came to. */
function Told({ of, way, column, y, size }: ToldProps) {
  if (!column) return null;
  const [ten, one] = [placeName(of), placeName(of + 1, 1)];
  const colour = (place: Place) => placeStyle(place).text;
  const parts =
    way === "made"
      ? [
          [`10 ${ten}`, colour(of)],
          [` = 1 ${one}`, colour(of + 1)],
        ]
      : [
          [`1 ${one}`, colour(of + 1)],
          [` = 10 ${ten}`, colour(of)],
        ];
  return (
    <text
      x={round(column.left + column.width / 2)}
      y={y - size * 0.4}
      fontSize={round(size)}
      textAnchor="middle"
      className="font-bold whitespace-pre"
    >
      {parts.map(([text, fill]) => (
        <tspan key={text} fill={fill}>
          {text}
        </tspan>
      ))}
    </text>
  );
}
