import type { Metadata } from "next";
import { headers } from "next/headers";
import { database } from "@/data/database";
import { DAYS_REMOVED } from "@/data/removed";
import { removedFromShelf } from "@/data/shelf";
import { RemovedLessons } from "@/screen/shelf/removed-lessons";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { shownPart } from "../shelf-lessons";

export const metadata: Metadata = { title: "Removed lessons" };

/**
 * More than anybody removes in the days that removed lessons are kept; any beyond them appear once these are put back.
 */
const MAX = 200;

export default async function RemovedPage() {
  const db = await database();
  const told = await removedFromShelf(db, 0, MAX);
  const { lessons } = await shownPart(db, told);
  return (
    <ShelfFrame here="removed" removed={told.total} nonce={(await headers()).get("x-nonce") ?? ""}>
      <RemovedLessons
        lessons={lessons.map(({ picture: _, ...lesson }) => lesson)}
        total={told.total}
        days={DAYS_REMOVED}
      />
    </ShelfFrame>
  );
}
