"use client";

import { X } from "lucide-react";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { copyTitle } from "@/core/lesson/new-lesson";
import { Button, IconButton } from "@/kit/button";
import { say } from "@/kit/messages";
import { keepUnsaved, setAsideWork } from "../save/kept-keys";
import type { SaveState } from "../save/saver";
import { sendCopy } from "../save/send-copy";
import { lessonOf } from "../store/lesson-of";
import { useBoardStore } from "../store/use-board";

type Props = {
  state: Extract<SaveState, { kind: "stale" | "refused" }>;
  onHide: () => void;
  /** The lesson, and the window that has it open. */
  id: string;
  name: string;
  /** This window saves nothing more. */
  stop: () => void;
};

/**
 * The lesson cannot be saved where it was: nothing is merged and nothing lost without the teacher's word. The band
 * stands above the board and takes no focus, so that typing goes on and presses nothing here.
 */
export function UnsavedBand({ state, onHide, id, name, stop }: Props) {
  const store = useBoardStore();
  const router = useRouter();
  const [fault, setFault] = useState<string | null>(null);
  const stale = state.kind === "stale";
  const keepCopy = async () => {
    const lesson = lessonOf(store.getState());
    const copy = await sendCopy({ ...lesson, title: copyTitle(lesson.title) });
    stop();
    keepUnsaved(id, name, null);
    router.push(`/lesson/${copy}?prepare`);
  };
  const showSaved = () => {
    stop();
    // Work may only be dropped here once it is safe elsewhere.
    if (!setAsideWork(id, lessonOf(store.getState()))) {
      return say("This browser cannot keep your work meanwhile. Keep it as a copy first.");
    }
    keepUnsaved(id, name, null);
    window.location.reload();
  };
  return (
    <section
      role="alert"
      aria-label={stale ? "Changed in another window" : "Not saved"}
      className="mx-5 mb-3 flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 rounded-card border-2 border-wrong bg-board py-2 pr-2 pl-5"
    >
      <p className="min-w-64 flex-1 leading-snug">
        <strong>{stale ? "Changed in another window." : "Not saved."}</strong>{" "}
        {stale ? "The lesson was saved from there since this window opened it." : state.message} What you
        changed here is still here.
        {fault && <span className="block font-medium text-wrong">{fault}</span>}
      </p>
      {stale && <Button onClick={showSaved}>Set mine aside, show the saved one</Button>}
      <Button
        tone="strong"
        onClick={() =>
          keepCopy().catch(() =>
            setFault("The copy could not be saved. Check that Yellow Stair is running, then try again."),
          )
        }
      >
        Keep mine as a copy
      </Button>
      <IconButton name="Close" onClick={onHide}>
        <X aria-hidden size={20} />
      </IconButton>
    </section>
  );
}
