import { toNext } from "@/core/count/bridge";
import { writerOf } from "@/core/lesson/views-of";
import { exact, isWhole, keyOf, type NumberKey } from "@/core/number/exact";
import { writtenText } from "@/core/number/fraction-text";
import { numberOf } from "@/core/surface/cell-key";
import { type DrawingProps, grown } from "../drawing";
import { type Asks, chipRoom, chipWidth, NumberChip, UNKNOWN, type Write } from "../number/number-chip";
import { round } from "../round";
import { Touchable } from "../touchable";

type Props = DrawingProps<"pairs"> & {
  asks?: Asks;
  onNumber?: (number: NumberKey) => void;
  /** The distance was touched. */
  onFar?: () => void;
};

const PAIRS = Array.from({ length: 9 }, (_, i) => [i + 1, 9 - i] as const);

/** The width of a sign, and the gap between numbers and signs, in their size. */
const [SIGN, APART] = [0.64, 0.15];

/** How far it is to the next ten from the number talked about, and the pair that makes ten which tells it. */
export function PairsDrawing({ view, board, scene, size: room, theme, asks, onNumber, onFar }: Props) {
  const { width, height } = room;
  const write = writerOf(board);
  const from = scene.focus === null ? null : exact(numberOf(scene.focus));
  const on = view.way === "on";
  const far = from && isWhole(from) ? (on ? toNext(from, exact(10)) : toNext(from.neg(), exact(10))) : null;
  const by = far && keyOf(far.by);
  const landing = far && keyOf(on ? far.next : far.next.neg());
  // The pairs stand in as many columns as let them be largest: below a line there is more room across than down.
  const largest = grown(theme, theme.strong ? 54 : 46);
  const { size, rows } = [1, 3]
    .map((columns) => {
      const rows = PAIRS.length / columns;
      const high = height / (rows * 1.15 + 4.2);
      return { rows, size: Math.max(18, Math.min(width / (8.5 * columns), high, largest)) };
    })
    .toSorted((a, b) => b.size - a.size)[0]!;
  // While the distance is covered, no pair may give it away.
  const hidden = scene.hushed || scene.farCovered.includes(view.id);
  // However little room there is, every digit of the sentence is visible.
  const needed =
    from && by && landing
      ? chipRoom(scene, keyOf(from), write) +
        chipRoom(scene, landing, write) +
        chipWidth(hidden ? UNKNOWN : write(by)) +
        2 * SIGN +
        4 * APART
      : 1;
  const large = Math.min(size, width / needed);
  const chip = (number: NumberKey, boxed = false) => (
    <NumberChip
      scene={scene}
      number={number}
      size={large}
      write={write}
      boxed={boxed}
      asks={asks}
      onTouch={onNumber}
    />
  );
  const sign = (text: string) => (
    <span aria-hidden className="font-numeral" style={{ fontSize: large }}>
      {text}
    </span>
  );
  return (
    <div className="flex size-full flex-col items-center justify-center gap-2 overflow-x-hidden overflow-y-auto">
      {from && by && landing ? (
        <p className="flex items-center" style={{ gap: large * APART }}>
          {chip(keyOf(from))} {sign(on ? "+" : "−")}{" "}
          <Far by={by} size={large} write={write} covered={hidden} onTouch={onFar} /> {sign("=")}{" "}
          {chip(landing, true)}
        </p>
      ) : (
        <p className="text-center text-large text-quiet">
          Touch a whole number: how far is it to the next ten?
        </p>
      )}
      <ul
        aria-label="Pairs that make ten"
        className="mt-1 grid grid-flow-col gap-x-4"
        style={{ fontSize: size * 0.85, gridTemplateRows: `repeat(${rows}, ${round(size * 1.15)}px)` }}
      >
        {PAIRS.map(([a, b]) => {
          const told = !hidden && by === String(b);
          return (
            <li
              key={a}
              aria-current={told || undefined}
              className={`grid grid-cols-[1.6em_1em_1.6em_1em_1.8em] items-center justify-items-center rounded-button px-3 font-numeral leading-[1.35] ${told ? "bg-lit font-bold outline-3 outline-stair" : ""}`}
            >
              <span>{a}</span>
              <span>+</span>
              <span className={told ? "text-ones" : ""}>{b}</span>
              <span>=</span>
              <span>10</span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

type FarProps = {
  by: NumberKey;
  size: number;
  write: Write;
  covered: boolean;
  onTouch: (() => void) | undefined;
};

/** The distance is not a number of the line, so it has a cover of its own. */
function Far({ by, size, write, covered, onTouch }: FarProps) {
  const width = chipWidth(covered ? UNKNOWN : write(by)) * size;
  return (
    <Touchable
      data-part="far"
      name={covered ? "covered" : writtenText(write(by))}
      onTouch={onTouch}
      className={`flex shrink-0 items-center justify-center rounded-button font-numeral leading-none ${covered ? "bg-cover" : ""}`}
      style={{ width, height: size * 1.5, fontSize: size }}
    >
      {covered ? "" : writtenText(write(by))}
    </Touchable>
  );
}
