"use client";

import { useMemo, useState } from "react";
import { boardNumbers, chartOf } from "@/core/lesson/views-of";
import { inksAt } from "@/core/scene/scene";
import { holdsOf } from "@/core/set/holds";
import { type Rule, ruleOf } from "@/core/set/rule";
import { squaresOf } from "@/core/surface/chart";
import { pickBoardInHand, pickScene, useBoard } from "../store/use-board";

/** A rule that is being built, and the numbers of the board that it holds now. */
export function useRule() {
  const board = useBoard(pickBoardInHand);
  const scene = useBoard(pickScene);
  const [rule, setRule] = useState<Rule>(() => ruleOf({ kind: "multiples", not: false, of: board.count.by }));
  const held = useMemo(
    () => boardNumbers(board, scene).filter(holdsOf(rule, (number) => inksAt(scene, number))),
    [board, scene, rule],
  );
  const chart = chartOf(board);
  return { rule, setRule, held, squares: chart && squaresOf(chart) };
}
