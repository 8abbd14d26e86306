import { keyOf } from "@/core/number/exact";
import { type PlaceKey, worthOf } from "@/core/number/place-value";
import { placeKey, placeName } from "@/core/number/place-words";
import { showNumber } from "@/core/number/show-number";
import { Touchable } from "../touchable";
import type { Column, Wanted } from "./blocks-layout";
import { placeStyle } from "./place-style";

type Props = {
  pieces: readonly Wanted[];
  columns: readonly Column[];
  height: number;
  /** Height of the line that says what a digit is worth. */
  told: number;
  /** The digit whose worth is shown. */
  worth: PlaceKey | null;
  isCovered: (place: PlaceKey) => boolean;
  onDigit: ((place: PlaceKey) => void) | undefined;
};

/** The digits of a number, each on the card of its place; under one of them its worth. */
export function DigitCards({ pieces, columns, height, told, worth, isCovered, onDigit }: Props) {
  // The digits of a number have one size, however wide the pieces over them.
  const max = Math.min(...columns.map(({ width }) => width)) - 12;
  const largest = Math.max(0, ...pieces.filter(({ count }) => count > 0).map(({ place }) => place));
  return (
    <div className="relative w-full shrink-0" style={{ height }}>
      {pieces.map(({ place, count }, i) => {
        const key = placeKey(place);
        return (
          <Digit
            key={place}
            place={place}
            count={count}
            written={place <= largest}
            column={columns[i]!}
            height={height}
            told={worth === key && !isCovered(key) ? told : 0}
            max={max}
            covered={isCovered(key)}
            point={place === 0 && pieces.at(-1)!.place < 0}
            onTouch={onDigit && (() => onDigit(key))}
          />
        );
      })}
    </div>
  );
}

type DigitProps = {
  place: number;
  count: number;
  /** A 0 before the first digit is not: 7 is not written 07. */
  written: boolean;
  column: Column;
  height: number;
  /** Height of the line under it that says what it is worth; 0 without one. */
  told: number;
  /** Maximum width of a card. */
  max: number;
  covered: boolean;
  /** The decimal point stands after it. */
  point: boolean;
  onTouch: (() => void) | undefined;
};

function Digit(props: DigitProps) {
  const { place, count, written, column, height, told, max, covered, point, onTouch } = props;
  const { ground, line, text } = placeStyle(place);
  const side = Math.min(height - 10 - told, max);
  const wide = Math.min(max, side * 1.08);
  const top = (height - told - side) / 2;
  const name = `${placeName(place)} digit`;
  return (
    <>
      <Touchable
        name={covered ? `${name}, covered` : written ? `${name} ${count}` : `No ${name}`}
        onTouch={onTouch}
        data-digit={placeKey(place)}
        className="absolute flex items-center justify-center rounded-button font-numeral leading-none font-bold"
        style={{
          left: column.left + (column.width - wide) / 2,
          top,
          width: wide,
          height: side,
          fontSize: side * (count > 9 ? 0.58 : 0.7),
          background: covered ? "var(--color-cover)" : written ? ground : undefined,
          boxShadow: told
            ? `0 0 0 ${Math.max(4, side / 20)}px var(--color-stair)`
            : (place < 0 || !written) && !covered
              ? `inset 0 0 0 2px ${line}`
              : undefined,
        }}
      >
        {covered || !written ? "" : count}
      </Touchable>
      {told > 0 && (
        <span
          data-part="worth"
          className="absolute text-center font-bold whitespace-nowrap"
          style={{
            left: column.left,
            width: column.width,
            bottom: 0,
            fontSize: told * 0.8,
            lineHeight: `${told}px`,
            color: text,
          }}
        >
          {count} {placeName(place, count)} = {showNumber(keyOf(worthOf(place).mul(count)))}
        </span>
      )}
      {point && (
        <span
          aria-hidden
          className="absolute rounded-full bg-cover ring-6 ring-board"
          style={{
            left: column.left + column.width - side * 0.055,
            top: top + side * 0.78,
            width: side * 0.11,
            height: side * 0.11,
          }}
        />
      )}
    </>
  );
}
