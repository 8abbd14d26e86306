"use client";

import { use, useEffect, useRef, useState } from "react";
import type { Board } from "@/core/lesson/board";
import { later } from "@/kit/later";
import type { Size, Theme } from "@/view/drawing";

/**
 * What a picture shows: a board with a number of steps climbed, 0 as it opens, laid out in a room; and an id of its
 * own.
 */
export type StillProps = {
  of: string;
  board: Board;
  at: number;
  room: Size;
  theme: Theme;
  /**
   * Where it is drawn: by the server into the page; by the server or, if that did not arrive, here; or here once it is
   * near the window.
   */
  from: "the server" | "either" | "here";
  /** The nonce of the inline script that answers touches on it and stores them for the board that replaces it. */
  takesTouches?: string;
};

const DrawnHere = later(() => import("./drawn-here").then((part) => part.DrawnHere));

/**
 * A board's picture. The server draws it into the page; the browser leaves it as it is, and loads the drawings only for
 * pictures that did not arrive.
 */
export function StillBoard(props: StillProps) {
  const { from } = props;
  const frame = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    const here = frame.current;
    if (from === "the server" || !here || here.firstChild) return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: "300px" },
    );
    observer.observe(here);
    return () => observer.disconnect();
  }, [from]);
  if (near) {
    return (
      <div className="size-full">
        <DrawnHere {...props} />
      </div>
    );
  }
  if (typeof window === "undefined" && from !== "here") {
    return (
      <div className="size-full">
        <DrawnByServer {...props} />
      </div>
    );
  }
  return (
    <div
      ref={frame}
      className="size-full"
      // The server's markup stays: the browser has nothing to compare it with.
      suppressHydrationWarning
      // biome-ignore lint/security/noDangerouslySetInnerHtml: nothing is set; it is how the browser is told to leave it alone.
      dangerouslySetInnerHTML={KEEP}
    />
  );
}

const KEEP = { __html: "" };

/** The browser needs neither this nor any drawing: its bundle is built without them. */
const serverDrawing = typeof window === "undefined" ? import("./server-drawing") : null;

function DrawnByServer({ of, board, at, room, theme, takesTouches }: StillProps) {
  if (!serverDrawing) return null;
  const { momentOf, BoardDrawing, allDrawings, cellsOfAll, touchGrids, EarlyTouches } = use(serverDrawing);
  const moment = momentOf(of, board, at);
  const cells = use(cellsOfAll);
  return (
    <>
      {/* First, so that no number is visible before it can be touched. */}
      {takesTouches && <EarlyTouches grids={touchGrids(moment, cells, room, theme)} nonce={takesTouches} />}
      <BoardDrawing moment={moment} drawings={use(allDrawings)} room={room} theme={theme} />
    </>
  );
}
