import { cookies, headers } from "next/headers";
import { ShelfWish } from "@/core/lesson/shelf-wish";
import * as z from "@/core/zod";
import { database } from "@/data/database";
import { countRemoved } from "@/data/lessons";
import { findOnShelf, labelsOnShelf } from "@/data/shelf";
import { readSeen } from "@/screen/board/seen";
import { SEEN } from "@/screen/board/seen-cookie";
import { FIRST, isFirstVisit } from "@/screen/first/first-visit";
import { cardsSeen } from "@/screen/shelf/card-rows";
import { Shelf } from "@/screen/shelf/shelf";
import { ShelfFrame } from "@/screen/shelf/shelf-frame";
import { AT_A_TIME } from "@/screen/shelf/shelf-lesson";
import { shownPart } from "./shelf-lessons";

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

export default async function ShelfPage({ searchParams }: Props) {
  const wish = ShelfWish(z).parse(await searchParams);
  const db = await database();
  const [told, labels, removed] = await Promise.all([
    findOnShelf(db, wish, 0, AT_A_TIME),
    labelsOnShelf(db),
    countRemoved(db),
  ]);
  const [sent, cookie] = [await headers(), await cookies()];
  const seen = readSeen(cookie.get(SEEN)?.value, sent.get("user-agent") ?? "");
  return (
    <ShelfFrame here="lessons" removed={removed} nonce={sent.get("x-nonce") ?? ""}>
      <Shelf
        wish={wish}
        first={await shownPart(db, told)}
        labels={labels}
        drawn={cardsSeen(seen)}
        isFirstVisit={isFirstVisit(cookie.get(FIRST)?.value)}
      />
    </ShelfFrame>
  );
}
