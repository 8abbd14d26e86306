"use client";

import { useRef, useState } from "react";
import { boardCells } from "@/core/lesson/views-of";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { pick, randomOf } from "@/core/puzzle/draw";
import { numbersWith } from "@/core/scene/scene";
import { ALL, MARKED, type Rule, UNMARKED } from "@/core/set/rule";
import { MAX_PLACES } from "@/core/surface/chart";
import { Button } from "@/kit/button";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";
import { pickBoardInHand, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { LaidList } from "./marks-page";
import { RuleBuilder } from "./rule-builder";
import { useRule } from "./use-rule";

/** What is covered on the board, and how to cover and lift more. */
export function CoversPage() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const store = useBoardStore();
  const { rule, setRule, held, squares } = useRule();
  const [howMany, setHowMany] = useState(10);
  // The button uses a number that was just typed, even before it is rendered.
  const wanted = useRef(howMany);
  const drafts = useBoardDrafts(
    "covers",
    { count: showNumber(String(howMany)) },
    ({ count }) => readWhole(count ?? "", 1, MAX_PLACES),
    (count) => {
      wanted.current = count;
      setHowMany(count);
    },
    () => atRandom(),
  );
  const numbers = boardCells(board, scene);
  const covered = numbersWith(scene, "cover", numbers);
  const act = (verb: "cover" | "lift", which: Rule) => store.getState().act([[{ do: verb, numbers: which }]]);
  const atRandom = () => {
    if (!drafts.settle()) return;
    const open = numbers.filter((number) => !covered.includes(number));
    const drawn = pick(open, wanted.current, randomOf(board.seed, scene.draws));
    if (drawn.length > 0) store.getState().act([[{ do: "cover", numbers: drawn }, { do: "draw" }]]);
  };
  /** Covers everything except a few random numbers to reason from. */
  const leaveAtRandom = () => {
    if (!drafts.settle()) return;
    const left = pick(numbers, wanted.current, randomOf(board.seed, scene.draws));
    store.getState().act([[{ do: "cover", numbers: ALL }, { do: "lift", numbers: left }, { do: "draw" }]]);
  };
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => act("cover", ALL)}>Cover all</Button>
        <Button onClick={() => act("lift", ALL)}>Lift all</Button>
        <Button onClick={() => act("cover", MARKED)}>Cover marked</Button>
        <Button onClick={() => act("cover", UNMARKED)}>Cover unmarked</Button>
      </div>
      <div {...drafts.group} className="grid grid-cols-[6.5rem_1fr_1fr] items-start gap-2">
        <p aria-hidden className="col-span-3 text-small font-semibold">
          At random
        </p>
        <DraftField bare label="At random" {...drafts.field("count")} />
        <Button className="px-2" aria-label="Cover this many" onClick={atRandom}>
          Cover
        </Button>
        <Button className="px-2" aria-label="Leave this many" onClick={leaveAtRandom}>
          Leave
        </Button>
      </div>
      <hr className="border-rule" />
      <RuleBuilder rule={rule} onChange={setRule} held={held} squares={squares} />
      {/* Stays in sight while the rule is scrolled. */}
      <div className="sticky -bottom-1 flex gap-2 bg-board py-1">
        <Button tone="strong" className="flex-1" onClick={() => act("cover", rule)}>
          Cover them
        </Button>
        <Button className="flex-1" onClick={() => act("lift", rule)}>
          Lift them
        </Button>
      </div>
      {covered.length > 0 && (
        <section aria-labelledby="covers-here" className="flex flex-col gap-2">
          <h2 id="covers-here" className="text-small font-semibold">
            {covered.length === 1 ? "1 number is covered" : `${covered.length} numbers are covered`}
          </h2>
          <LaidList layer="cover" scene={scene} numbers={numbers} />
        </section>
      )}
    </div>
  );
}
