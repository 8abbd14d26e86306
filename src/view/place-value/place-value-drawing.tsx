import { exchangesAt } from "@/core/count/exchange";
import { textOn, trailOf } from "@/core/lesson/views-of";
import { exact, type NumberKey } from "@/core/number/exact";
import {
  expandedForm,
  type Pieces,
  type Place,
  piecesOf,
  placeKey,
  placeName,
} from "@/core/number/place-value";
import { isPartCovered } from "@/core/scene/covered-part";
import { isCoveredAt } from "@/core/scene/scene";
import type { PartName } from "@/core/scene/slices/parts";
import { numberOf } from "@/core/surface/cell-key";
import { clamp, type DrawingProps } from "../drawing";
import { Words } from "../number/words-later";
import { round } from "../round";
import { SILENT } from "../said";
import { Touchable } from "../touchable";
import { type Column, hasBlocks, layOutBlocks } from "./blocks-layout";
import { LINE, PieceColumns } from "./piece-columns";
import { placeStyle } from "./place-style";

type Props = DrawingProps<"place-value"> & {
  /** A part was touched. */
  onPart?: (part: PartName) => void;
};

/** The number talked about as pieces in the columns of their places, as digits, in expanded form and in words. */
export function PlaceValueDrawing(props: Props) {
  const { scene } = props;
  if (scene.hushed) return <Said>{SILENT}</Said>;
  if (scene.focus === null) return <Said>Touch a number: what is it made of?</Said>;
  const number = numberOf(scene.focus);
  if (isCoveredAt(scene, number)) return <Said>The number is covered.</Said>;
  const pieces = piecesOf(exact(number));
  if (!pieces) return <Said>Pieces show numbers from 0 on, to thousandths.</Said>;
  return <Shown {...props} number={number} pieces={withTens(pieces)} />;
}

/** There is a column for the tens, whether there are any or not: the count that begins in ones goes on there. */
const withTens = (pieces: Pieces[]): Pieces[] =>
  pieces.length === 1 ? [{ place: 1, count: 0 }, ...pieces] : pieces;

function Shown({
  view,
  board,
  scene,
  size,
  theme,
  onPart,
  number,
  pieces,
}: Props & { number: NumberKey; pieces: Pieces[] }) {
  const { width, height } = size;
  const isCovered = (part: PartName) => isPartCovered(scene, view, part);
  const write = textOn(board);
  const heading = clamp(15, 0.034 * theme.screen, 26);
  const rows = {
    digits:
      view.digits === "none"
        ? 0
        : clamp(44, height * (view.pieces === "none" ? 0.5 : 0.2), theme.strong ? 150 : 120),
    expanded: view.expanded === "none" ? 0 : clamp(34, height * 0.11, 64),
    words: view.words === "none" ? 0 : clamp(30, height * 0.09, 52),
  };
  const inBlocks = view.as === "blocks" && hasBlocks(pieces);
  const room = {
    width,
    height: Math.max(40, height - heading * 2 - rows.digits - rows.expanded - rows.words - 12),
  };
  const blocks = inBlocks ? layOutBlocks(pieces, { width, height: room.height - heading * LINE }) : null;
  const columns = blocks?.columns ?? even(pieces, width);
  // A digit that is covered may be told nowhere else; what is hidden with it is shown by lifting the digit.
  const anyCovered = view.digits !== "none" && pieces.some(({ place }) => isCovered(placeKey(place)));
  return (
    <div className="relative flex size-full flex-col items-center overflow-hidden">
      <svg aria-hidden width={width} height={height} className="pointer-events-none absolute inset-0">
        {columns.slice(1).map(({ place, left }) => (
          <line
            key={place}
            x1={round(left)}
            x2={round(left)}
            y1={6}
            y2={heading * 2 + (view.pieces === "none" ? 0 : room.height) + rows.digits}
            stroke="var(--color-rule)"
            strokeWidth={2}
          />
        ))}
      </svg>
      <PieceColumns
        view={view}
        pieces={pieces}
        columns={columns}
        blocks={blocks?.blocks ?? null}
        room={room}
        heading={heading}
        covered={isCovered("pieces")}
        exchanges={exchangesAt(scene.trail, number)}
        onTouch={onPart && (() => onPart("pieces"))}
      />
      {rows.digits > 0 && (
        <div className="relative shrink-0" style={{ width, height: rows.digits }}>
          {pieces.map(({ place, count }, i) => (
            <Digit
              key={place}
              place={place}
              count={count}
              column={columns[i]!}
              height={rows.digits}
              covered={isCovered(placeKey(place))}
              point={place === 0 && pieces.at(-1)!.place < 0}
              onTouch={onPart && (() => onPart(placeKey(place)))}
            />
          ))}
        </div>
      )}
      {rows.expanded > 0 && (
        <Row
          name="Expanded form"
          height={rows.expanded}
          covered={isCovered("expanded") || anyCovered}
          onTouch={anyCovered ? undefined : onPart && (() => onPart("expanded"))}
        >
          <Expanded number={number} pieces={pieces} write={write} />
        </Row>
      )}
      {rows.words > 0 && (
        <Row
          name="Words"
          height={rows.words}
          covered={isCovered("words") || anyCovered}
          onTouch={anyCovered ? undefined : onPart && (() => onPart("words"))}
        >
          <Words number={number} form={trailOf(board)?.words === "american" ? "american" : "british"} />
        </Row>
      )}
    </div>
  );
}

/** Columns of one width. */
const even = (pieces: readonly Pieces[], width: number): Column[] =>
  pieces.map(({ place }, i) => ({ place, left: (i * width) / pieces.length, width: width / pieces.length }));

type DigitProps = {
  place: Place;
  count: number;
  column: Column;
  height: number;
  covered: boolean;
  /** The decimal point stands after it. */
  point: boolean;
  onTouch: (() => void) | undefined;
};

/** A digit on the card of its place. */
function Digit({ place, count, column, height, covered, point, onTouch }: DigitProps) {
  const { ground, line } = placeStyle(place);
  const side = Math.min(height - 10, column.width - 12);
  const wide = Math.min(column.width - 12, side * 1.08);
  return (
    <>
      <Touchable
        name={covered ? `${placeName(place)} digit, covered` : `${placeName(place)} digit ${count}`}
        onTouch={onTouch}
        data-digit={placeKey(place)}
        className="absolute flex items-center justify-center rounded-button font-numeral leading-none font-bold"
        style={{
          left: column.left + (column.width - wide) / 2,
          top: (height - side) / 2,
          width: wide,
          height: side,
          fontSize: side * 0.7,
          background: covered ? "var(--color-ink)" : ground,
          boxShadow: place < 0 && !covered ? `inset 0 0 0 2px ${line}` : undefined,
        }}
      >
        {covered ? "" : count}
      </Touchable>
      {point && (
        <span
          aria-hidden
          className="absolute font-numeral leading-none font-bold"
          style={{
            left: column.left + column.width - side * 0.1,
            bottom: height * 0.1,
            fontSize: side * 0.7,
          }}
        >
          .
        </span>
      )}
    </>
  );
}

type RowProps = {
  name: string;
  height: number;
  covered: boolean;
  onTouch: (() => void) | undefined;
  children: React.ReactNode;
};

/** The number once more, in a row under its digits. */
function Row({ name, height, covered, onTouch, children }: RowProps) {
  return (
    <Touchable
      name={covered ? `${name}, covered` : name}
      onTouch={onTouch}
      data-part={name === "Words" ? "in-words" : "expanded"}
      className={`mt-1 flex max-w-full shrink-0 items-center justify-center rounded-button px-4 font-numeral leading-tight ${covered ? "w-72 bg-ink" : ""}`}
      style={{ height: height - 4, fontSize: Math.min(40, height * 0.62) }}
    >
      {covered ? "" : children}
    </Touchable>
  );
}

/** 200 + 60 + 4, each in the colour of its place. */
function Expanded({
  number,
  pieces,
  write,
}: {
  number: NumberKey;
  pieces: readonly Pieces[];
  write: (number: NumberKey) => string;
}) {
  const parts = expandedForm(exact(number)) ?? [];
  const places = pieces.filter(({ count }) => count > 0).map(({ place }) => place);
  return parts.map((part, i) => (
    <span key={part} className="whitespace-pre">
      {i > 0 && " + "}
      <span style={{ color: placeStyle(places[i] ?? 0).text }}>{write(part)}</span>
    </span>
  ));
}

function Said({ children }: { children: React.ReactNode }) {
  return (
    <div className="flex size-full items-center justify-center">
      <p className="max-w-80 text-center text-xl leading-snug text-quiet">{children}</p>
    </div>
  );
}
