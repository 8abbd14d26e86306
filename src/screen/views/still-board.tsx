"use client";

import { use, useEffect, useRef, useState } from "react";
import type { Board } from "@/core/lesson/board";
import { later } from "@/kit/later";
import type { Size, Theme } from "@/view/drawing";

/** What a picture shows: a board as it opens, 0, or on one of its steps, laid out in a room, and a name of its own. */
export type StillProps = {
  of: string;
  board: Board;
  at: number;
  room: Size;
  theme: Theme;
  /** Where it is drawn: by the server into the page; there, or here if it did not come; here once it is near the window. */
  from: "the server" | "either" | "here";
  /** Touches on it are answered, and kept for the board that takes its place; by a script with this nonce. */
  takesTouches?: string;
};

const DrawnHere = later(() => import("./drawn-here").then((part) => part.DrawnHere));

/**
 * A board's picture. The server draws it into the page; the browser shows it as it came, and fetches what draws it only
 * for pictures that did not come.
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
      // What the server has drawn stays: the browser has nothing to compare it with.
      suppressHydrationWarning
      // biome-ignore lint/security/noDangerouslySetInnerHtml: nothing is set; it is how the browser is told to leave it alone.
      dangerouslySetInnerHTML={KEEP}
    />
  );
}

const KEEP = { __html: "" };

/** The browser has no need of this, nor of any drawing: it is built without them. */
const serverDrawing = typeof window === "undefined" ? import("./server-drawing") : null;

function DrawnByServer({ of, board, at, room, theme, takesTouches }: StillProps) {
  if (!serverDrawing) return null;
  const { momentOf, BoardDrawing, allDrawings, cellsOfAll, touchGrids, EarlyTouches } = use(serverDrawing);
  const moment = momentOf(of, board, at);
  const cells = use(cellsOfAll);
  return (
    <>
      {/* It comes first: no number stands that could not be touched. */}
      {takesTouches && <EarlyTouches grids={touchGrids(moment, cells, room, theme)} nonce={takesTouches} />}
      <BoardDrawing moment={moment} drawings={use(allDrawings)} room={room} theme={theme} />
    </>
  );
}
