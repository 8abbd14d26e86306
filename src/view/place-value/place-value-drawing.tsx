import { type Exchange, exchangesAt } from "@/core/count/exchange";
import { textOn, trailOf } from "@/core/lesson/views-of";
import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import type { Pieces, Place, PlaceKey } from "@/core/number/place-value";
import { placeKey } from "@/core/number/place-words";
import { arrangedPieces } from "@/core/scene/arranged";
import { isCoveredPart, isPartCovered } from "@/core/scene/covered-part";
import { isCoveredAt } from "@/core/scene/scene";
import type { PartName } from "@/core/scene/slices/parts";
import { numberOf } from "@/core/surface/cell-key";
import { clamp, type DrawingProps, grown } from "../drawing";
import { Words } from "../number/words-later";
import { round } from "../round";
import { Said, SILENT } from "../said";
import { Touchable } from "../touchable";
import { type Column, hasForm, layOutBlocks } from "./blocks-layout";
import { BuildRow, buildHeight } from "./build-row";
import { DigitCards } from "./digit-cards";
import { ExchangeRow } from "./exchange-row";
import { PieceColumns } from "./piece-columns";
import { piecesShown } from "./pieces-shown";
import { Expanded, lengthInWords, lengthOf, Row, rowFor, termsOf } from "./text-row";

/** The pieces at one stage of an exchange, before the number is shown as it will be. */
export type InExchange = { readonly pieces: readonly Pieces[]; readonly sliding: Place | null };

type Props = DrawingProps<"place-value"> & {
  inExchange?: InExchange | null;
  /** A part was touched. */
  onPart?: (part: PartName) => void;
  onExchange?: (of: Place, way: Exchange["way"]) => void;
  /** One piece more of a place, or one fewer. */
  onAdd?: (place: Place, by: 1 | -1) => void;
};

/** The pieces of a number, or what stands in their room where there are none, or they may not be seen. */
function piecesOrWords({ scene, view, mayAsk, inExchange }: Props): readonly Pieces[] | string {
  if (scene.hushed) return SILENT;
  if (scene.focus === null && view.building === "none") {
    if (mayAsk === false) return "";
    return view.draws === "none"
      ? "Touch a number: what is it made of?"
      : "Draw a number: who can read it from its pieces?";
  }
  const number = numberOf(scene.focus ?? "0");
  if (isCoveredAt(scene, number)) return "The number is covered.";
  return (
    inExchange?.pieces ??
    arrangedPieces(scene, view, number) ??
    "Pieces show numbers from 0 on, to thousandths."
  );
}

/** The number in focus as pieces in the columns of their places, as digits, in expanded form and in words. */
export function PlaceValueDrawing(props: Props) {
  const pieces = piecesOrWords(props);
  if (typeof pieces === "string")
    return (
      <Said theme={props.theme} size={props.size}>
        {pieces}
      </Said>
    );
  const number = numberOf(props.scene.focus ?? "0");
  const { width, height } = props.size;
  if (height >= LOWEST) return <Shown {...props} number={number} lying={pieces} />;
  // In a lower room all of it is drawn smaller.
  const part = height / LOWEST;
  const size = { width: width / part, height: LOWEST };
  return (
    <div style={{ ...size, transform: `scale(${part})`, transformOrigin: "top left" }}>
      <Shown {...props} size={size} number={number} lying={pieces} />
    </div>
  );
}

/** The height that pieces, digits and the lines below them need, in pixels. */
const LOWEST = 250;

const LINE = 1.4;
const CHIP = 52;
/** Columns of covered pieces have room for this many. */
const UNTOLD = 5;

function Shown(props: Props & { number: NumberKey; lying: readonly Pieces[] }) {
  const { view, board, scene, size, theme, inExchange, number, lying, onPart, onExchange, onAdd } = props;
  const { width, height } = size;
  const isCovered = (part: PartName) => isPartCovered(scene, view, part);
  const write = textOn(board);
  const heading = Math.min(clamp(15, 0.034 * theme.screen, grown(theme, 26)), Math.max(15, height * 0.1));
  const shown = piecesShown(view, number, withColumns(view, lying));
  const hasPieces = view.pieces !== "none";
  const coveredPieces = isCovered("pieces");
  const exchanges = inExchange ? [] : exchangesAt(scene.trail, number);
  const building = view.building === "shown" && onAdd !== undefined;
  const touches = building || (shown.gathered !== null && onExchange !== undefined);
  const read = scene.wrote[view.id] ?? null;
  // A covered digit may be shown nowhere else; lifting it shows what was hidden with it.
  const anyCovered = view.digits !== "none" && shown.pieces.some(({ place }) => isCovered(placeKey(place)));
  const terms = termsOf(shown.pieces, write);
  const expandedCovered = isCovered("expanded") || anyCovered;
  const wordsCovered = isCovered("words") || anyCovered;
  // A cover has the same height for long and short numbers.
  const expanded = rowFor(
    expandedCovered ? 0 : lengthOf(terms),
    clamp(34, height * 0.11, grown(theme, 64)),
    width,
    theme,
  );
  const words = rowFor(
    wordsCovered ? 0 : lengthInWords(shown.pieces),
    clamp(30, height * 0.09, grown(theme, 52)),
    width,
    theme,
  );
  const rows = {
    build: building ? buildHeight(shown.pieces.length, width) : 0,
    exchange: hasPieces && !coveredPieces ? (touches ? CHIP : heading * LINE) : 0,
    digits:
      view.digits === "none"
        ? 0
        : clamp(44, height * (hasPieces ? 0.2 : 0.5), grown(theme, theme.strong ? 150 : 120)),
    read: read === null ? 0 : clamp(34, height * 0.11, grown(theme, 56)),
    expanded: view.expanded === "none" ? 0 : expanded.height,
    words: view.words === "none" ? 0 : words.height,
    wanting: shown.wanting === null ? 0 : clamp(34, height * 0.1, grown(theme, 56)),
  };
  const taken = Object.values(rows).reduce((sum, row) => sum + row, 0);
  const room = { width, height: Math.max(40, height - heading * 2 - taken - 12) };
  const as = view.as === "blocks" || view.as === "bundles" ? view.as : null;
  // Under a cover a column has the same width for one piece as for nine.
  const counted = coveredPieces ? shown.pieces.map(({ place }) => ({ place, count: UNTOLD })) : shown.pieces;
  const laid = as && hasForm(as, counted) ? layOutBlocks(counted, room, as) : null;
  const columns = laid?.columns ?? even(shown.pieces, width);
  const rowTouch = (part: PartName) => (anyCovered ? undefined : onPart && (() => onPart(part)));
  return (
    <div className="relative flex size-full flex-col items-center overflow-hidden">
      <svg aria-hidden width={width} height={height} className="pointer-events-none absolute inset-0">
        {columns.slice(1).map(({ place, left }) => (
          <line
            key={place}
            x1={round(left)}
            x2={round(left)}
            y1={6}
            y2={heading * 2 + (hasPieces ? room.height : 0) + rows.exchange + rows.build + rows.digits}
            stroke="var(--color-rule)"
            strokeWidth={grown(theme, 2)}
          />
        ))}
      </svg>
      <PieceColumns
        view={view}
        shown={shown}
        columns={columns}
        blocks={laid?.blocks ?? null}
        room={room}
        heading={heading}
        grow={grown(theme, 1)}
        covered={coveredPieces}
        exchanges={exchanges}
        sliding={inExchange?.sliding ?? null}
        onTouch={onPart && (() => onPart("pieces"))}
      />
      {rows.exchange > 0 && (
        <ExchangeRow
          columns={columns}
          pieces={shown.pieces}
          height={rows.exchange}
          size={heading * 0.85}
          exchanges={exchanges}
          gathered={shown.gathered}
          building={building}
          onExchange={inExchange ? undefined : onExchange}
        />
      )}
      {building && (
        <BuildRow room={width} columns={columns} onAdd={onAdd} countOf={(place) => countIn(lying, place)} />
      )}
      {rows.digits > 0 && (
        <DigitCards
          pieces={shown.pieces}
          columns={columns}
          height={rows.digits}
          told={Math.min(grown(theme, 26), rows.digits * 0.24)}
          worth={scene.worths[view.id] ?? null}
          isCovered={isCovered}
          onDigit={onPart as ((place: PlaceKey) => void) | undefined}
        />
      )}
      {read !== null && (
        <p
          data-part="read"
          className={`shrink-0 font-numeral leading-none font-bold text-by-hand ${keyOf(exact(number)) === read ? "" : "underline decoration-wavy decoration-wrong decoration-2 underline-offset-4"}`}
          style={{ fontSize: rows.read * 0.72, height: rows.read }}
        >
          {write(read)}
        </p>
      )}
      {shown.wanting && (
        <Wanting
          {...shown.wanting}
          number={number}
          height={rows.wanting}
          write={write}
          covered={isCoveredPart(scene, view.id, "wanting")}
          hidden={anyCovered}
          onTouch={onPart && (() => onPart("wanting"))}
        />
      )}
      {rows.expanded > 0 && (
        <Row name="Expanded form" {...expanded} covered={expandedCovered} onTouch={rowTouch("expanded")}>
          <Expanded terms={terms} />
        </Row>
      )}
      {rows.words > 0 && (
        <Row name="Words" {...words} covered={wordsCovered} onTouch={rowTouch("words")}>
          <Words number={number} form={trailOf(board)?.words === "american" ? "american" : "british"} />
        </Row>
      )}
    </div>
  );
}

const countIn = (pieces: readonly Pieces[], place: Place) =>
  pieces.find((one) => one.place === place)?.count ?? 0;

/** While a number is built by hand there is a column for hundreds, tens and ones, whether they have any or not. */
function withColumns(view: Props["view"], pieces: readonly Pieces[]): readonly Pieces[] {
  if (view.building === "none") return pieces;
  const wanted = [2, 1, 0].filter((place) => !pieces.some((one) => one.place === place));
  return [...pieces, ...wanted.map((place) => ({ place, count: 0 }))].sort((a, b) => b.place - a.place);
}

/** Columns of one width. */
const even = (pieces: readonly Pieces[], width: number): Column[] =>
  pieces.map(({ place }, i) => ({ place, left: (i * width) / pieces.length, width: width / pieces.length }));

type WantingProps = {
  number: NumberKey;
  by: NumberKey;
  next: NumberKey;
  height: number;
  write: (number: NumberKey) => string;
  covered: boolean;
  /** If a digit is covered, the number may not be said. */
  hidden: boolean;
  onTouch: (() => void) | undefined;
};

/** How much is missing to the next whole ten, hundred or thousand. */
function Wanting({ number, by, next, height, write, covered, hidden, onTouch }: WantingProps) {
  const size = height * 0.62;
  return (
    <p
      className="mt-1 flex shrink-0 items-center gap-[0.3em] font-numeral leading-none"
      style={{ height: height - 4, fontSize: size }}
    >
      {!hidden && <span>{write(number)}</span>}
      <span>+</span>
      <Touchable
        name={covered || hidden ? "Pieces still needed, covered" : `${write(by)} still needed`}
        data-part="wanting"
        onTouch={hidden ? undefined : onTouch}
        className={`flex items-center justify-center rounded-button px-2 font-bold ${covered || hidden ? "bg-cover" : "text-ones"}`}
        style={{ height: height - 6, minWidth: size * 2.2 }}
      >
        {covered || hidden ? "" : write(by)}
      </Touchable>
      <span>=</span>
      <span>{hidden ? "" : write(next)}</span>
    </p>
  );
}
