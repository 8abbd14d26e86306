"use client";

import { useEffect, useState } from "react";
import { flushSync } from "react-dom";
import { type ClassView, hear, NOTHING_KNOWN, viewOf } from "./class-memory";
import { channelOf, type FromClass, FromTeacher } from "./class-messages";

/** What the teacher's window of a lesson has the class see; null until it has said so. */
export function useShown(lesson: string): ClassView | null {
  const [view, setView] = useState<ClassView | null>(null);
  useEffect(() => {
    const channel = new BroadcastChannel(channelOf(lesson));
    const post = (kind: FromClass["kind"]) => channel.postMessage({ kind });
    let known = NOTHING_KNOWN;
    let frame = 0;
    const draw = () => {
      frame = 0;
      const next = viewOf(known);
      // Within this frame: anything drawn later would be seen one frame late.
      if (next) flushSync(() => setView(next));
    };
    channel.onmessage = ({ data }) => {
      const read = FromTeacher.safeParse(data);
      if (!read.success) return;
      const [next, answer] = hear(known, read.data);
      known = next;
      // A slow computer draws only the current state, not every state before it.
      frame ||= requestAnimationFrame(draw);
      if (answer) post(answer);
    };
    const gone = () => post("gone");
    window.addEventListener("pagehide", gone);
    post("hello");
    return () => {
      gone();
      window.removeEventListener("pagehide", gone);
      cancelAnimationFrame(frame);
      channel.close();
    };
  }, [lesson]);
  return view;
}
