"use client";

import { useEffect, useLayoutEffect, useRef, useState } from "react";
import { KIND_NAMES } from "@/core/views/view";
import { bringInTurn } from "@/kit/bring-in-turn";
import { allComing } from "@/kit/patient";
import { useNoDroppedFiles } from "@/kit/use-no-dropped-files";
import { useNoTouchMenu } from "@/kit/use-no-touch-menu";
import { useSize } from "@/kit/use-size";
import { BoardDrawing, type Drawings, drawingsOf } from "@/view/board/board-drawing";
import type { ClassView } from "./class-memory";
import { hasTime } from "./has-time";
import { useShown } from "./use-shown";

/** No message belongs on the class's display. */
const NOTHING = () => {};

/** Load all drawings at once: a later board must not wait for a server that may be gone by then. */
const brought = typeof document === "undefined" ? null : drawingsOf(KIND_NAMES);

/**
 * What the class sees on a display of its own: the board, its question, and its answer once that is shown. Nothing on it can be
 * pressed, but that a press or the key F makes it as large as the display.
 */
export function ClassScreen({ lesson }: { lesson: string }) {
  const shown = useShown(lesson);
  const [drawings, setDrawings] = useState<Drawings | null>(null);
  const goesOn = useRef(false);
  useLayoutEffect(() => {
    goesOn.current = shown?.goesOn ?? false;
  });
  useEffect(() => bringInTurn(allComing, () => goesOn.current), []);
  useNoTouchMenu();
  useNoDroppedFiles(NOTHING);
  useEffect(() => {
    let gone = false;
    void brought?.then((all) => !gone && setDrawings(all));
    return () => {
      gone = true;
    };
  }, []);
  useEffect(() => {
    const turn = () => {
      // If the browser refuses, the window stays as it is: no message belongs on the class's display.
      if (document.fullscreenElement) void document.exitFullscreen();
      else void document.documentElement.requestFullscreen().catch(() => {});
    };
    const onKey = ({ key }: KeyboardEvent) => key.toLowerCase() === "f" && turn();
    window.addEventListener("pointerup", turn);
    window.addEventListener("keydown", onKey);
    return () => {
      window.removeEventListener("pointerup", turn);
      window.removeEventListener("keydown", onKey);
    };
  }, []);
  if (shown?.blank)
    return <main aria-label="Class screen" className="board-page h-dvh bg-wall" data-shows="nothing" />;
  return (
    <main
      aria-label="Class screen"
      className="board-page relative flex h-dvh flex-col gap-3 overflow-hidden bg-wall p-4"
    >
      {shown && drawings ? (
        <Shown view={shown} drawings={drawings} />
      ) : (
        <p className="m-auto max-w-xl text-center text-title leading-snug text-quiet">
          The class screen. Open the lesson in the other window; press here for full screen.
        </p>
      )}
    </main>
  );
}

function Shown({ view, drawings }: { view: ClassView; drawings: Drawings }) {
  const { moment, question, answer, strong, counting } = view;
  const frame = useRef<HTMLDivElement>(null);
  const room = useSize(frame, { width: 0, height: 0 });
  return (
    <>
      {question && (
        <section
          aria-label="Question"
          className="flex min-h-16 shrink-0 flex-wrap items-center gap-x-8 rounded-card bg-stair px-7 py-3 leading-tight wrap-break-word"
        >
          <h1 className="min-w-[46%] flex-1 text-pretty text-told font-semibold">{question}</h1>
          {answer && (
            <p
              className="rises max-w-[46vw] min-w-0 text-right font-numeral text-told font-bold text-balance"
              data-part="answer"
            >
              {answer}
            </p>
          )}
        </section>
      )}
      <div
        ref={frame}
        className={`min-h-0 flex-1 ${hasTime(counting, moment.board) ? "live" : "live quick"}`}
        data-shows={moment.board.id}
        data-strong={strong || undefined}
      >
        {room.width > 0 && (
          // What lies on one board does not travel to its places on the next.
          <BoardDrawing
            key={moment.board.id}
            moment={moment}
            drawings={drawings}
            room={room}
            theme={{ strong, screen: window.innerHeight, bare: true }}
          />
        )}
      </div>
    </>
  );
}
