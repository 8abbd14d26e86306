"use client";

import { type RefObject, useMemo, useRef } from "react";
import { useScreenHeight } from "@/kit/use-screen-height";
import { useSize } from "@/kit/use-size";
import type { DrawingProps, Size } from "@/view/drawing";
import { useScene } from "@/view/scene/use-scene";
import { pickBoardInHand, useBoard, useSceneSource } from "../store/use-board";

const BEFORE_MEASURED: Size = { width: 900, height: 200 };

type Reader = { room: RefObject<HTMLDivElement | null>; drawn: Omit<DrawingProps<never>, "view"> };

/** What the drawing of a view is given that reads the scene and has no numbers of its own, and the room it is drawn in. */
export function useReader(strong: boolean): Reader {
  const room = useRef<HTMLDivElement>(null);
  const size = useSize(room, BEFORE_MEASURED);
  const board = useBoard(pickBoardInHand);
  const scene = useScene(useSceneSource("after paint"), (now) => now);
  const screen = useScreenHeight();
  const theme = useMemo(() => ({ strong, screen }), [strong, screen]);
  return { room, drawn: { board, scene, size, theme } };
}
