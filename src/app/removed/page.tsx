import type { Metadata } from "next";
import { database } from "@/data/database";
import { removedLessons } from "@/data/lessons";
import { RemovedLessons } from "@/screen/shelf/removed-lessons";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { shelfLesson } from "../shelf-lessons";

export const metadata: Metadata = { title: "Removed lessons" };

export default async function RemovedPage() {
  const removed = await removedLessons(await database());
  return (
    <ShelfFrame here="removed" removed={removed.length}>
      <RemovedLessons lessons={removed.map((kept) => shelfLesson(kept))} />
    </ShelfFrame>
  );
}
