"use client";

import { FolderDown, MoreVertical, Plus, Search } from "lucide-react";
import { type ReactNode, useEffect, useState } from "react";
import { bringInTurn } from "@/kit/bring-in-turn";
import { Button, IconButton } from "@/kit/button";
import { later } from "@/kit/later";
import { bringMenus, Menu, MenuItem } from "@/kit/menu";
import { bringNewLesson, GROUND } from "../ground";
import { isAnyKept } from "../save/kept-keys";
import { FileDrop } from "./file-drop";
import { LessonCard } from "./lesson-card";
import { isFoundBy, type ShelfLesson } from "./shelf-lesson";

const KeptWork = later(() => import("./kept-work").then((part) => part.KeptWork));
const NewLesson = later(() => bringNewLesson().then((part) => part.NewLesson));
/** It comes before it is asked for, and after the shelf stands. */
const AFTER_THE_SHELF_MS = 1500;

type Props = {
  lessons: (ShelfLesson & { picture: ReactNode })[];
};

/** The lessons, and the way to a new one. */
export function Shelf({ lessons }: Props) {
  const [wanted, setWanted] = useState("");
  const [making, setMaking] = useState(false);
  // What a browser keeps is known only there.
  const [kept, setKept] = useState(false);
  useEffect(() => setKept(isAnyKept()), []);
  useEffect(() => {
    let callOff = () => {};
    const timer = setTimeout(() => {
      callOff = bringInTurn([{ bring: bringMenus }, ...GROUND, NewLesson]);
    }, AFTER_THE_SHELF_MS);
    return () => {
      clearTimeout(timer);
      callOff();
    };
  }, []);
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  const found = lessons.filter((lesson) => words.every((word) => isFoundBy(lesson, word)));
  return (
    <FileDrop>
      {(openButton) => (
        <>
          <div className="mb-8 flex flex-wrap items-center gap-3">
            <h1 className="mr-auto text-[32px] leading-tight font-bold">Lessons</h1>
            {lessons.length > 0 && (
              <label className="flex h-12 w-72 items-center gap-2.5 rounded-button border border-rule bg-board px-4 focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-focus">
                <Search aria-hidden size={19} className="text-quiet" />
                <span className="sr-only">Find a lesson</span>
                <input
                  type="search"
                  value={wanted}
                  maxLength={100}
                  onChange={(event) => setWanted(event.target.value)}
                  placeholder="Find a lesson"
                  className="w-full bg-transparent outline-none placeholder:text-quiet"
                />
              </label>
            )}
            <Button tone="strong" className="h-12 px-5" onClick={() => setMaking(true)}>
              <Plus aria-hidden size={20} /> New lesson
            </Button>
            {openButton}
            {lessons.length > 0 && (
              <Menu
                align="end"
                button={
                  <IconButton name="More for the lessons" className="size-12">
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
              </Menu>
            )}
          </div>
          {kept && <KeptWork />}
          {lessons.length === 0 && (
            <div className="flex flex-col items-start gap-4 rounded-card border border-dashed border-quiet p-10">
              <p className="max-w-md text-xl leading-snug">
                The shelf is empty. A lesson begins with a chart; its steps come later. Lesson files and zips
                can be dropped here.
              </p>
              <Button tone="stair" onClick={() => setMaking(true)}>
                Make the first lesson
              </Button>
            </div>
          )}
          {lessons.length > 0 && found.length === 0 && (
            <p className="text-lg">
              No lesson has “{wanted.trim()}” in its title, class, boards or steps.{" "}
              <button type="button" className="font-semibold underline" onClick={() => setWanted("")}>
                Show all lessons
              </button>
            </p>
          )}
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(264px,1fr))] gap-x-6 gap-y-8">
            {found.map((lesson) => (
              <LessonCard key={lesson.id} lesson={lesson} />
            ))}
          </ul>
          {making && <NewLesson open onOpenChange={setMaking} />}
        </>
      )}
    </FileDrop>
  );
}
