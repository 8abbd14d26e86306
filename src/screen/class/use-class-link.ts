"use client";

import { useCallback, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { StoreApi } from "zustand/vanilla";
import { say } from "@/kit/messages";
import { useBoardStore } from "../store/use-board";
import type { ClassLink } from "./class-link";

// It stands with the messages, which bring what checks them; here only its name is needed.
const channelOf = (lesson: string) => `yellow-stair:class:${lesson}`;

/** Where a second display is, as far as the browser tells. */
type Screens = { screens: readonly Display[]; currentScreen: Display };
type Display = { availLeft: number; availTop: number; availWidth: number; availHeight: number };

async function placeOfWindow(): Promise<string> {
  const several = (window.screen as { isExtended?: boolean }).isExtended;
  const ask = (window as { getScreenDetails?: () => Promise<Screens> }).getScreenDetails;
  if (!several || !ask) return "popup,width=1280,height=800";
  try {
    const { screens, currentScreen } = await ask.call(window);
    const other = screens.find((one) => one !== currentScreen);
    if (!other) return "popup,width=1280,height=800";
    const { availLeft: left, availTop: top, availWidth: width, availHeight: height } = other;
    return `popup,left=${left},top=${top},width=${width},height=${height}`;
  } catch {
    // It was not allowed: the window is moved there by hand.
    return "popup,width=1280,height=800";
  }
}

/** A class screen that has not been heard of after so long has not been let open. */
const OPENS_WITHIN_MS = 6_000;

/**
 * How the class screens of a lesson stand to this window, null until one is heard of; and what opens one. What tells them is
 * brought when there is one.
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
      const { linkClass } = await import("./class-link");
      if (isOver()) return () => {};
      const there = linkClass(channel, store, () => isStrong.current);
      refresh.current = there.refresh;
      setLink(there.link);
      there.hear(first);
      return there.close;
    },
    [store],
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
      // A class screen that says hello twice before all is there is answered once.
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
  const open = useCallback(async () => {
    // Without an opener it has a process of its own: drawing it does not hold up a touch here.
    window.open(`/lesson/${lesson}/class`, "_blank", `noopener,${await placeOfWindow()}`);
    setTimeout(() => {
      if (!now.current?.getState().follows)
        say("The class screen has not opened. Allow this page to open windows, then try again.");
    }, OPENS_WITHIN_MS);
  }, [lesson]);
  const openClassScreen = useCallback(() => void open(), [open]);
  return { link, openClassScreen };
}
