"use client";

import { Eye } from "lucide-react";
import { useMemo } from "react";
import { jumpOf } from "@/core/count/count";
import { slipWords, watchMarks } from "@/core/count/watch";
import { liveHere } from "@/core/lesson/board-state";
import { marksByHand } from "@/core/lesson/marks-by-hand";
import { verdictOn } from "@/core/lesson/put-puzzle";
import { exact, keyOf, keyOfText } from "@/core/number/exact";
import { verdictWords } from "@/core/puzzle/times-puzzle";
import { listNumbers } from "@/core/set/rule-words";
import { boardStateOf } from "./board-store";
import { pickBoard, pickScene, useBoard } from "./use-board";

/**
 * Tells the teacher which number was missed in a count marked by hand, or does not belong; and on a times grid whether
 * the numbers that show leave one answer for the place asked for. It is said once, small and
 * high on the teacher's own screen, where a class does not look; the class screen has nothing of it.
 */
export function Watcher() {
  const count = useBoard((state) => pickBoard(state).count);
  const acts = useBoard((state) => liveHere(boardStateOf(state)));
  const ink = useBoard((state) => state.ink);
  const counting = useBoard((state) => state.counting);
  const board = useBoard(pickBoard);
  const scene = useBoard(pickScene);
  const verdict = useMemo(() => {
    const told = verdictOn(board, scene);
    return told && verdictWords(told);
  }, [board, scene]);
  const slip = useMemo(() => {
    if (!count.watch || counting) return null;
    const expected = { by: keyOf(exact(jumpOf(count)).abs()), from: keyOfText(count.from) };
    const found = watchMarks(marksByHand(acts, ink), expected);
    return found && slipWords(found, (numbers) => listNumbers(numbers, 4));
  }, [count, acts, ink, counting]);
  const words = verdict ?? slip;
  return (
    <p role="status" aria-label="Only for you" className="flex items-center gap-1.5 text-[13px] text-quiet">
      {words && (
        <>
          <Eye aria-hidden size={15} /> {words}
        </>
      )}
    </p>
  );
}
