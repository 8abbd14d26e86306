"use client";

import { type RefObject, useCallback, useMemo, useRef } from "react";
import type { NumberKey } from "@/core/number/exact";
import { useScreenHeight } from "@/kit/use-screen-height";
import { useSize } from "@/kit/use-size";
import type { DrawingProps, Size } from "@/view/drawing";
import { useScene } from "@/view/scene/use-scene";
import { pickBoardInHand, useBoard, useBoardStore, useSceneSource } from "../store/use-board";
import { touchNumber } from "./on-number";
import { useAsks } from "./use-asks";

const BEFORE_MEASURED: Size = { width: 900, height: 200 };

type Reader = {
  room: RefObject<HTMLDivElement | null>;
  drawn: Omit<DrawingProps<never>, "view">;
  /** The handler for a touched number, and the number that waits to be written. */
  touched: { asks: ReturnType<typeof useAsks>; onNumber: (number: NumberKey) => void };
};

/** The props for the drawing of a view that reads the scene and has no numbers of its own, and its room. */
export function useReader(strong: boolean): Reader {
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, BEFORE_MEASURED);
  const board = useBoard(pickBoardInHand);
  const scene = useScene(useSceneSource("after paint"), (now) => now);
  const screen = useScreenHeight();
  const theme = useMemo(() => ({ strong, screen }), [strong, screen]);
  const store = useBoardStore();
  const onNumber = useCallback((number: NumberKey) => touchNumber(store, number), [store]);
  return { room, drawn: { board, scene, size, theme }, touched: { asks: useAsks(), onNumber } };
}
