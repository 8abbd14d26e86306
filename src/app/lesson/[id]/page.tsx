import type { Metadata } from "next";
import { cookies, headers } from "next/headers";
import { notFound } from "next/navigation";
import { database } from "@/data/database";
import { findLesson } from "@/data/lessons";
import { BoardAtRest } from "@/screen/board/board-at-rest";
import { BoardScreen } from "@/screen/board/board-screen";
import { readSeen } from "@/screen/board/seen";
import { SEEN } from "@/screen/board/seen-cookie";
import { Notice } from "@/screen/notice";
import { sittingsTold } from "../../sittings-told";

type Props = {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const kept = await findLesson(await database(), (await params).id);
  return kept?.read.ok ? { title: kept.read.lesson.title } : {};
}

export default async function LessonPage({ params, searchParams }: Props) {
  const { id } = await params;
  const kept = await findLesson(await database(), id);
  if (!kept) notFound();
  if (!kept.read.ok) return <Notice title="This lesson cannot be opened">{kept.read.message}</Notice>;
  const { revision, read } = kept;
  const [sent, cookie] = [await headers(), await cookies()];
  const sittings = await sittingsTold(await database(), id, read.lesson);
  const open = { id, revision, file: JSON.stringify(read.lesson), sittings };
  const prepare = "prepare" in (await searchParams);
  return (
    <BoardScreen open={open} prepare={prepare}>
      <BoardAtRest
        id={id}
        revision={revision}
        lesson={read.lesson}
        prepare={prepare}
        seen={readSeen(cookie.get(SEEN)?.value, sent.get("user-agent") ?? "")}
        nonce={sent.get("x-nonce") ?? ""}
      />
    </BoardScreen>
  );
}
