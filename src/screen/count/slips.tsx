"use client";

import { useMemo } from "react";
import { jumpOf } from "@/core/count/count";
import { slipWords, watchMarks } from "@/core/count/watch";
import { liveHere } from "@/core/lesson/board-state";
import { exact, keyOf, keyOfText } from "@/core/number/exact";
import { marksByHand } from "@/core/scene/marks-by-hand";
import { listNumbers } from "@/core/set/rule-words";
import { boardStateOf } from "../store/on-show";
import { pickBoard, useBoard, useNumberText } from "../store/use-board";
import { Told } from "./told";

/** Which number was missed in a count marked by hand, or does not belong. */
export function Slips() {
  const count = useBoard((state) => pickBoard(state).count);
  const acts = useBoard((state) => liveHere(boardStateOf(state)));
  const ink = useBoard((state) => state.ink);
  const write = useNumberText();
  const slip = useMemo(() => {
    const expected = { by: keyOf(exact(jumpOf(count)).abs()), from: keyOfText(count.from) };
    const found = watchMarks(marksByHand(acts, ink), expected);
    return found && slipWords(found, (numbers) => listNumbers(numbers, 4, write));
  }, [count, acts, ink, write]);
  return slip && <Told words={slip} />;
}
