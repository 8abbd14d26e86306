"use client";

import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { StoreApi } from "zustand/vanilla";
import { ahead } from "@/kit/later";
import { patient } from "@/kit/patient";
import { useBoardStore } from "../store/use-board";
import type { ClassLink } from "./class-link";

// Defined with the messages, which load what checks them; only the type is needed here.
const channelOf = (lesson: string) => `yellow-stair:class:${lesson}`;

const classLink = patient(() => import("./class-link"));
const classKept = patient(() => import("./class-kept"));

/** What opens a class screen; it comes with the other parts that a board does not need to stand. */
const opening = ahead(() => import("./open-class-screen"));

/**
 * The state of a lesson's class screens, null until one is heard of; and what opens one. The code that talks to them is
 * loaded when there is one.
 */
export function useClassLink(
  lesson: string,
  strong: boolean,
): { link: StoreApi<ClassLink> | null; openClassScreen: () => void } {
  const store = useBoardStore();
  const [link, setLink] = useState<StoreApi<ClassLink> | null>(null);
  const isStrong = useRef(strong);
  const refresh = useRef(() => {});
  useLayoutEffect(() => {
    isStrong.current = strong;
    refresh.current();
  }, [strong]);
  const begin = useCallback(
    async (channel: BroadcastChannel, first: unknown, isOver: () => boolean) => {
      const [{ linkClass }, { classKeeper }] = await Promise.all([classLink(), classKept()]);
      if (isOver()) return () => {};
      const there = linkClass(channel, store, () => isStrong.current, classKeeper(lesson));
      refresh.current = there.refresh;
      setLink(there.link);
      there.hear(first);
      return there.close;
    },
    [lesson, store],
  );
  useEffect(() => {
    if (typeof BroadcastChannel === "undefined") return;
    const channel = new BroadcastChannel(channelOf(lesson));
    let over = false;
    let close: Promise<() => void> | null = null;
    channel.onmessage = ({ data }) => {
      // Another window that teaches this lesson asks too; only a class screen answers.
      if (data?.kind === "there" || data?.kind === "board" || data?.kind === "show" || data?.kind === "point")
        return;
      // A class screen that says hello twice before everything is loaded is answered once.
      close ??= begin(channel, data, () => over);
    };
    channel.postMessage({ kind: "there" });
    return () => {
      over = true;
      void close?.then((end) => end());
      channel.close();
    };
  }, [lesson, begin]);
  const now = useRef(link);
  useLayoutEffect(() => {
    now.current = link;
    const tell = () => store.setState({ seenAlone: link?.getState().follows ?? false });
    tell();
    return link?.subscribe((is, was) => is.follows !== was.follows && tell());
  }, [link, store]);
  const openClassScreen = useCallback(
    () =>
      opening.with(
        (part) => void part.openClassScreen(lesson, () => now.current?.getState().follows ?? false),
      ),
    [lesson],
  );
  return { link, openClassScreen };
}
