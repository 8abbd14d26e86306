"use client";

import { clsx } from "clsx";
import { ChevronsLeft, ChevronsRight } from "lucide-react";
import { type RefObject, useEffect, useRef, useState } from "react";
import { keepKeyboard } from "@/kit/rail-button";
import { AddBoard } from "../board/later";
import { useBoard, useBoardStore } from "../store/use-board";

/** The lesson's boards in order; while preparing, they can be added, duplicated, moved and removed. */
export function BoardTabs({ preparing }: { preparing: boolean }) {
  const boards = useBoard((state) => state.boards);
  const at = useBoard((state) => state.at);
  const store = useBoardStore();
  const row = useRef<HTMLElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever another board is on show, its tab must be seen.
  useEffect(() => {
    const nav = row.current;
    if (!nav) return;
    const show = () =>
      nav.querySelector("[aria-current]")?.scrollIntoView({ block: "nearest", inline: "nearest" });
    // The observer fires once at the start, and whenever the room of the row changes.
    const watch = new ResizeObserver(show);
    watch.observe(nav);
    return () => watch.disconnect();
  }, [at]);
  if (boards.length === 1 && !preparing) return null;
  return (
    <div className="flex min-w-0 flex-1 items-center gap-1 low:basis-1/4 portrait:order-last portrait:w-full portrait:flex-none portrait:pb-2 portrait:pl-2">
      <More side={-1} row={row} boards={boards.length} />
      <nav
        ref={row}
        aria-label="Boards"
        onWheel={(event) => {
          // A vertical wheel scrolls the row sideways.
          row.current?.scrollBy({ left: event.deltaX || event.deltaY });
        }}
        className="flex min-w-0 flex-1 items-center overflow-x-auto [scrollbar-width:none] motion-safe:scroll-smooth"
      >
        <ul className="flex items-center gap-1 landscape:ml-auto">
          {boards.map(({ present: { board } }, index) => (
            <li
              key={board.id}
              className={clsx("flex shrink-0 items-center rounded-button", index === at && "bg-ink")}
            >
              <button
                type="button"
                aria-current={index === at ? "page" : undefined}
                onMouseDown={keepKeyboard}
                onClick={() => store.getState().goTo(index)}
                className={clsx(
                  "h-press max-w-64 truncate focus-inside rounded-button px-3.5 text-small font-semibold",
                  index === at ? "text-board" : "text-quiet hover:bg-ink/8 hover:text-ink",
                )}
              >
                {index + 1} {board.title}
              </button>
            </li>
          ))}
        </ul>
      </nav>
      <More side={1} row={row} boards={boards.length} />
      {preparing && <AddBoard />}
    </div>
  );
}

/** The room that the buttons to hidden boards take from the row, in pixels: without them it may hold all. */
function roomOfMore(nav: HTMLElement): number {
  const around = nav.parentElement!;
  const gap = Number.parseFloat(getComputedStyle(around).columnGap) || 0;
  const buttons = [...around.querySelectorAll<HTMLElement>(":scope > [data-more]")];
  return buttons.reduce((room, { offsetWidth }) => room + offsetWidth + gap, 0);
}

type MoreProps = { side: 1 | -1; row: RefObject<HTMLElement | null>; boards: number };

/**
 * A button to the boards that are out of sight. It keeps its place at the end of the row too, so that nothing moves
 * under a finger while the row slides.
 */
function More({ side, row, boards }: MoreProps) {
  const [more, setMore] = useState<"all are in sight" | "none on this side" | "some">("all are in sight");
  // biome-ignore lint/correctness/useExhaustiveDependencies: another board more or fewer changes how many are out of sight.
  useEffect(() => {
    const nav = row.current;
    if (!nav) return;
    const measure = () => {
      const hidden = nav.scrollWidth - nav.clientWidth;
      const beyond = side < 0 ? nav.scrollLeft : hidden - nav.scrollLeft;
      const fits = hidden - roomOfMore(nav) <= 4;
      setMore(fits ? "all are in sight" : beyond > 4 ? "some" : "none on this side");
    };
    const watch = new ResizeObserver(measure);
    watch.observe(nav);
    nav.addEventListener("scroll", measure, { passive: true });
    measure();
    return () => {
      watch.disconnect();
      nav.removeEventListener("scroll", measure);
    };
  }, [row, side, boards]);
  if (more === "all are in sight") return null;
  const Icon = side < 0 ? ChevronsLeft : ChevronsRight;
  return (
    <button
      type="button"
      data-more
      aria-label={side < 0 ? "Earlier boards" : "Later boards"}
      onMouseDown={keepKeyboard}
      onClick={() => row.current?.scrollBy({ left: side * row.current.clientWidth * 0.7 })}
      className={clsx(
        "flex h-press w-9 shrink-0 items-center justify-center rounded-button bg-ink/8 hover:bg-ink/15",
        more === "none on this side" && "invisible",
      )}
    >
      <Icon aria-hidden size="1.25rem" />
    </button>
  );
}
