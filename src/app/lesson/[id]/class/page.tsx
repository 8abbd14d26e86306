import type { Metadata } from "next";
import { ClassScreen } from "@/screen/class/class-screen";

export const metadata: Metadata = { title: "Class screen" };

/** The class's own display; its contents come from the teacher's window of the same lesson. */
export default async function ClassPage({ params }: { params: Promise<{ id: string }> }) {
  return <ClassScreen lesson={(await params).id} />;
}
