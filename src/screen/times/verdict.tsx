"use client";

import { type ReactNode, useMemo } from "react";
import { verdictOn } from "@/core/lesson/put-puzzle";
import { verdictWords } from "@/core/puzzle/times-puzzle";
import { Told } from "../count/told";
import { pickBoard, pickScene, useBoard } from "../store/use-board";

/** The verdict on the puzzle of a times grid: whether the visible numbers leave one answer; otherwise the children. */
export function Verdict({ otherwise }: { otherwise: ReactNode }) {
  const board = useBoard(pickBoard);
  const scene = useBoard(pickScene);
  const words = useMemo(() => {
    const told = verdictOn(board, scene);
    return told && verdictWords(told);
  }, [board, scene]);
  return words ? <Told words={words} /> : otherwise;
}
