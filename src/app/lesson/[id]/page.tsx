import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { database } from "@/data/database";
import { findLesson } from "@/data/lessons";
import { BoardScreen } from "@/screen/board/board-screen";
import { Notice } from "@/screen/notice";

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
  return (
    <BoardScreen open={{ id, revision, lesson: read.lesson }} prepare={"prepare" in (await searchParams)} />
  );
}
