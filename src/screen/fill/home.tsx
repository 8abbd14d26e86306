"use client";

import { clsx } from "clsx";
import type { Board } from "@/core/lesson/board";
import { goalOf, isPuzzle, placeTargets, writtenAmong } from "@/core/lesson/fill";
import { askedTimesOf, linesOf } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import type { Scene } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { Button } from "@/kit/button";
import { pickBoardInHand, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { makePuzzle } from "../times/make-puzzle";
import { fillActionsOf } from "./fill-actions";
import { Keypad } from "./keypad";

/** What is being looked for: the cell of a number, or the number of a square; and how many have been found. */
export function HomeWords() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const choosing = useBoard((state) => state.hand.choosing);
  const told = useBoard((state) => state.hand.told);
  const { asked } = scene;
  const question = "text-title leading-snug font-semibold";
  return (
    <div className="flex flex-col gap-3">
      {choosing ? (
        <p className={question}>Touch a square for somebody else.</p>
      ) : asked?.as === "place" ? (
        // The message about a wrong number asks again.
        !told && <p className={question}>What belongs here?</p>
      ) : asked ? (
        <>
          <p className={question}>Where does it go?</p>
          <DigitTiles number={numberOf(asked.number)} />
        </>
      ) : (
        <p className="text-large leading-snug text-quiet">
          {linesOf(board).length > 0
            ? "Draw a number, and touch where it goes."
            : "Cover the chart, lift the numbers that help, and draw a number."}
        </p>
      )}
      {!isPuzzle(board) && <Tally placed={placedSoFar(board, scene)} goal={goalOf(board)} />}
    </div>
  );
}

const placedSoFar = (board: Board, scene: Scene) =>
  writtenAmong(scene, placeTargets(board, scene)).right.length;

/** The buttons for finding the place of a number; they stay put while the words above them change. */
export function Home() {
  const board = useBoard(pickBoardInHand);
  const asked = useBoard((state) => pickScene(state).asked);
  const placed = useBoard((state) => placedSoFar(pickBoardInHand(state), pickScene(state)));
  const choosing = useBoard((state) => state.hand.choosing);
  const store = useBoardStore();
  const times = askedTimesOf(board);
  return (
    <div className="flex flex-col gap-2">
      {asked?.as === "place" && !choosing && <Keypad low />}
      {times && (
        <Button className="h-touch" onClick={() => makePuzzle(store, times.id)}>
          Another puzzle
        </Button>
      )}
      {!isPuzzle(board) && (
        <div className="grid grid-cols-2 gap-2 @min-[35rem]:grid-cols-[repeat(auto-fit,minmax(7.5rem,1fr))]">
          <Button
            tone={asked ? "plain" : "stair"}
            className="h-touch px-2"
            onClick={() => fillActionsOf(store).askNext()}
          >
            {asked ? "Another number" : "Draw a number"}
          </Button>
          {linesOf(board).length === 0 ? (
            <Button
              className="h-touch px-2"
              tone={choosing ? "strong" : "plain"}
              aria-pressed={choosing}
              turn={() => fillActionsOf(store).chooseNext()}
            >
              Choose a square
            </Button>
          ) : (
            <Button
              className="h-touch px-2"
              disabled={placed === 0}
              onClick={() => fillActionsOf(store).freshChart()}
            >
              Start again
            </Button>
          )}
          {placed > 0 && linesOf(board).length === 0 && (
            <Button
              className="col-span-2 h-press px-2 @min-[35rem]:col-span-1 @min-[35rem]:h-touch"
              onClick={() => fillActionsOf(store).freshChart()}
            >
              Start again
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

const PLACE_COLORS = [
  "var(--color-coral-dot)",
  "var(--color-sea-dot)",
  "var(--color-plum-dot)",
  "var(--color-kelp-dot)",
];
const PLACE_NAMES = ["ones", "tens", "hundreds", "thousands"];

/** The number as digit tiles, each with the name of its place; a signed or fractional number as it is. */
function DigitTiles({ number }: { number: NumberKey }) {
  const write = useNumberText();
  const digits = /^\d{1,4}$/.test(number) ? [...number] : null;
  if (!digits) return <p className="font-numeral text-shown font-bold text-by-hand">{write(number)}</p>;
  return (
    <div role="img" aria-label={showNumber(number)} data-part="digits" className="flex gap-2">
      {digits.map((digit, index) => {
        const place = digits.length - 1 - index;
        return (
          <span
            key={PLACE_NAMES[place]}
            className="flex w-20 flex-col items-center rounded-button border-2 bg-board pb-1.5"
            style={{ borderColor: PLACE_COLORS[place] }}
          >
            <span className="font-numeral text-shown leading-tight font-bold">{digit}</span>
            <span className="text-small font-semibold text-quiet">{PLACE_NAMES[place]}</span>
          </span>
        );
      })}
    </div>
  );
}

function Tally({ placed, goal }: { placed: number; goal: number }) {
  return (
    <div>
      <p className="font-semibold">
        {Math.min(placed, goal)} of {goal} placed
      </p>
      {goal <= 20 && (
        <div aria-hidden className="mt-1.5 flex flex-wrap gap-1.5">
          {Array.from({ length: goal }, (_, i) => (
            <span
              // biome-ignore lint/suspicious/noArrayIndexKey: one is like another.
              key={i}
              className={clsx(
                "size-5 rounded-button border-2",
                i < placed ? "border-ink bg-stair" : "border-rule",
              )}
            />
          ))}
        </div>
      )}
    </div>
  );
}
