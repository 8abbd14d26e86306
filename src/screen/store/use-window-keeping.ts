"use client";

import { useEffect, useRef } from "react";
import { afterPaint } from "@/view/scene/after-paint";
import { keep } from "../save/browser-store";
import { sendTaught } from "../save/save-door";
import type { BoardStore } from "./board-store";
import { boardStateOf } from "./on-show";
import { whereKey } from "./where-key";
import { whereaboutsOf } from "./whereabouts";

const SETTLE_MS = 300;

/** Keeps in this window where the teacher is, and notes the lesson as taught at the first act before the class. */
export function useWindowKeeping(id: string, store: BoardStore, preparing: boolean): void {
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const keepNow = () => {
      clearTimeout(timer);
      timer = undefined;
      keep(sessionStorage, whereKey(id), whereaboutsOf(store.getState()));
    };
    let { boards, at } = store.getState();
    const stop = afterPaint(store.subscribe)(() => {
      const now = store.getState();
      if (now.boards !== boards || now.at !== at) timer ??= setTimeout(keepNow, SETTLE_MS);
      ({ boards, at } = now);
    });
    window.addEventListener("pagehide", keepNow);
    return () => {
      stop();
      if (timer) keepNow();
      window.removeEventListener("pagehide", keepNow);
    };
  }, [id, store]);

  const noted = useRef(false);
  useEffect(() => {
    if (preparing) return;
    return store.subscribe((now, before) => {
      if (noted.current || now.at !== before.at) return;
      const [state, was] = [boardStateOf(now), boardStateOf(before)];
      if (state.climbed === was.climbed && state.live === was.live) return;
      noted.current = true;
      sendTaught(id);
    });
  }, [id, store, preparing]);
}
