"use client";

import { FolderDown, MoreVertical, Plus, Search, X } from "lucide-react";
import { useEffect, useMemo, useState } from "react";
import { ALL_LESSONS, MAX_FIND, type ShelfWish, wishQuery } from "@/core/lesson/shelf-wish";
import { bringInTurn } from "@/kit/bring-in-turn";
import { Button, IconButton } from "@/kit/button";
import { later } from "@/kit/later";
import { bringMenus, Menu, MenuItem } from "@/kit/menu";
import { RoomItems } from "@/kit/room-items";
import { bringSelects } from "@/kit/select";
import { useEarlyPresses } from "@/kit/use-early-presses";
import { FirstOffer } from "../first/first-offer";
import { endFirstVisit, wasUsedBefore } from "../first/first-visit";
import { isAnyKept } from "../save/kept-keys";
import { DropZone, FileDrop } from "./file-drop";
import { LessonList } from "./lesson-list";
import { type LabelInUse, ShelfBar } from "./shelf-bar";
import type { ShelfPart } from "./shelf-part";
import { useShelf } from "./use-shelf";

const KeptWork = later(() => import("./kept-work").then((part) => part.KeptWork));
const NewLesson = later(() => import("./new-lesson").then((part) => part.NewLesson));
/** Loaded before it is asked for, but not while a slow computer still has its hands full with the shelf. */
const AFTER_THE_SHELF_MS = 5500;

type Props = {
  /** What came with the page: the search, the first lessons found, and the labels in use. */
  wish: ShelfWish;
  first: ShelfPart;
  labels: readonly LabelInUse[];
  /** Whether nobody has used Yellow Stair in this browser, as far as the server knows. */
  isFirstVisit: boolean;
  /** Number of cards rendered by the server: as many as it believes this window to show. */
  drawn: number;
};

/** The lessons, and the way to a new one. */
export function Shelf({ labels, isFirstVisit, drawn, ...came }: Props) {
  const [near, setNear] = useState({ from: 0, to: came.first.lessons.length });
  const { wish, setWish, found, away } = useShelf(came, near);
  useEarlyPresses();
  const inUse = useMemo(() => labels.map(({ label }) => label), [labels]);
  const isEmpty = found.total === 0 && wishQuery(found.wish) === "";
  const [making, setMaking] = useState(false);
  // Only the browser knows what it has stored.
  const [kept, setKept] = useState(false);
  const [first, setFirst] = useState(isFirstVisit);
  useEffect(() => {
    setKept(isAnyKept());
    if (!isFirstVisit || !wasUsedBefore()) return;
    endFirstVisit();
    setFirst(false);
  }, [isFirstVisit]);
  useEffect(() => {
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = bringInTurn([{ bring: bringMenus }, { bring: bringSelects }, DropZone, NewLesson]);
    }, AFTER_THE_SHELF_MS);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, []);
  return (
    <FileDrop>
      {(openButton) => (
        <>
          <div className="mb-5 flex flex-wrap items-center gap-3">
            <h1 className="mr-auto text-head leading-tight font-bold">Lessons</h1>
            {!isEmpty && (
              <label className="flex h-press w-72 phone:w-full items-center gap-2.5 rounded-button border border-edge bg-board px-4 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-focus">
                <Search aria-hidden size={19} className="text-quiet" />
                <span className="sr-only">Find a lesson</span>
                <input
                  type="search"
                  value={wish.find}
                  maxLength={MAX_FIND}
                  onChange={({ target }) => setWish({ ...wish, find: target.value })}
                  placeholder="Find a lesson"
                  className="w-full bg-transparent outline-none placeholder:text-quiet [&::-webkit-search-cancel-button]:hidden"
                />
                {wish.find !== "" && (
                  <IconButton
                    name="Show all again"
                    className="-mr-3"
                    onClick={() => setWish({ ...wish, find: "" })}
                  >
                    <X aria-hidden size={19} />
                  </IconButton>
                )}
              </label>
            )}
            <Button tone="strong" className="px-5 phone:px-3" onClick={() => setMaking(true)}>
              <Plus aria-hidden size={20} /> New lesson
            </Button>
            {openButton}
            {!isEmpty && (
              <Menu
                align="end"
                button={
                  <IconButton name="More for the lessons" className="size-press">
                    <MoreVertical aria-hidden size={22} />
                  </IconButton>
                }
              >
                <MenuItem
                  icon={<FolderDown aria-hidden size={19} />}
                  onSelect={() => window.location.assign("/api/shelf/zip")}
                >
                  Save all lessons as one zip
                </MenuItem>
                <RoomItems />
              </Menu>
            )}
          </div>
          {!isEmpty && <ShelfBar wish={wish} setWish={setWish} labels={labels} found={found} away={away} />}
          {first && <FirstOffer />}
          {kept && <KeptWork />}
          {isEmpty && (
            <div className="flex flex-col items-start gap-4 rounded-card border border-dashed border-quiet p-10">
              <p className="max-w-md text-large leading-snug">
                The shelf is empty. A lesson begins with a chart; its steps come later. Lesson files and zips
                can be dropped here.
              </p>
              <Button tone="stair" onClick={() => setMaking(true)}>
                Make the first lesson
              </Button>
            </div>
          )}
          {!isEmpty && found.total === 0 && (
            <p className="text-large">
              {nothingFound(found.wish)}{" "}
              <button
                type="button"
                className="font-semibold underline"
                onClick={() => setWish({ ...ALL_LESSONS, order: wish.order })}
              >
                Show all lessons
              </button>
            </p>
          )}
          <LessonList found={found} inUse={inUse} drawn={drawn} onNear={setNear} />
          {making && <NewLesson open onOpenChange={setMaking} />}
        </>
      )}
    </FileDrop>
  );
}

const nothingFound = ({ find, label }: ShelfWish): string =>
  [
    find === "" ? "No lesson" : `No lesson has “${find}” in its title, class, labels, boards or steps`,
    label && (find === "" ? `has the label “${label}”` : `and the label “${label}”`),
  ]
    .filter(Boolean)
    .join(" ")
    .concat(".");
