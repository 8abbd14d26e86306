import type { Exchange } from "@/core/count/exchange";
import type { Pieces, Place } from "@/core/number/place-value";
import { placeName } from "@/core/number/place-words";
import { Touchable } from "../touchable";
import type { Column } from "./blocks-layout";
import { placeStyle } from "./place-style";

type Props = {
  columns: readonly Column[];
  pieces: readonly Pieces[];
  height: number;
  /** The text size. */
  size: number;
  /** The exchanges of the last jump. */
  exchanges: readonly Exchange[];
  /** The place with ten pieces together. */
  gathered: Place | null;
  /** Whether pieces are added and taken by hand, so that one can be broken up. */
  building: boolean;
  onExchange: ((of: Place, way: Exchange["way"]) => void) | undefined;
};

/** The row under the pieces: what was exchanged for what, and what can be. */
export function ExchangeRow(props: Props) {
  const { columns, pieces, height, size, exchanges, gathered, building, onExchange } = props;
  const countOf = (place: Place) => pieces.find((one) => one.place === place)?.count ?? 0;
  return (
    <div className="relative w-full shrink-0" style={{ height }}>
      {columns.map((column) => {
        const { place } = column;
        if (gathered === place) {
          return (
            <Chip
              key={place}
              column={column}
              height={height}
              size={size}
              way="made"
              of={place}
              lit
              onTouch={onExchange && (() => onExchange(place, "made"))}
            />
          );
        }
        if (
          building &&
          gathered === null &&
          onExchange &&
          place > -3 &&
          countOf(place) > 0 &&
          countOf(place - 1) < 10
        ) {
          return place === columns.at(-1)!.place ? null : (
            <Chip
              key={place}
              column={column}
              height={height}
              size={size * 0.86}
              way="broken"
              of={place - 1}
              onTouch={() => onExchange(place - 1, "broken")}
            />
          );
        }
        const told = gathered === null ? exchanges.find(({ of }) => of === place - 1) : undefined;
        return told && <Chip key={place} column={column} height={height} size={size} {...told} />;
      })}
    </div>
  );
}

type ChipProps = Exchange & {
  column: Column;
  height: number;
  size: number;
  lit?: boolean;
  onTouch?: (() => void) | undefined;
};

/** "10 ones = 1 ten", each in the colour of its place. */
function Chip({ of, way, column, height, size, lit = false, onTouch }: ChipProps) {
  const [ten, one] = [`10 ${placeName(of)}`, `1 ${placeName(of + 1, 1)}`];
  const [tens, ones] = [
    { text: ten, color: placeStyle(of).text },
    { text: one, color: placeStyle(of + 1).text },
  ];
  const [left, right] = way === "made" ? [tens, ones] : [ones, tens];
  const fits = (letters: number) => Math.min(size, (column.width - 14) / (letters * 0.56));
  const inOne = fits(ten.length + one.length + 3);
  const inTwo = Math.min(fits(right.text.length + 2), fits(left.text.length), (height - 14) / 2.4);
  const stacked = inTwo > 1.2 * inOne;
  const name = way === "made" ? `Exchange ${ten} for ${one}` : `Break ${one} up into ${ten}`;
  const look = onTouch
    ? `rounded-button border-2 ${lit ? "border-stair bg-lit" : "border-rule bg-board"}`
    : "";
  return (
    <span
      className="absolute inset-y-0 flex items-center justify-center"
      style={{ left: column.left, width: column.width }}
    >
      <Touchable
        name={onTouch ? name : `${left.text} = ${right.text}`}
        data-exchange={onTouch ? way : undefined}
        onTouch={onTouch}
        className={`flex items-center justify-center leading-tight font-bold whitespace-pre ${stacked ? "flex-col" : ""} ${look}`}
        style={{
          fontSize: stacked ? inTwo : inOne,
          height: height - 6,
          paddingInline: onTouch && !stacked ? 8 : 2,
        }}
      >
        <span style={{ color: left.color }}>{left.text}</span>
        <span>
          {stacked ? "" : " "}
          {onTouch ? "→ " : "= "}
          <span style={{ color: right.color }}>{right.text}</span>
        </span>
      </Touchable>
    </span>
  );
}
