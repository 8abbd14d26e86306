"use client";

import { useEffect, useRef } from "react";
import { afterPaint } from "@/view/scene/after-paint";
import { keep } from "../save/browser-store";
import { sendSitting, sendTaught } from "../save/save-door";
import type { BoardStore } from "./board-store";
import { boardStateOf } from "./on-show";
import { whereKey } from "./where-key";
import { isBegun, whereaboutsOf } from "./whereabouts";

const SETTLE_MS = 300;
/** The server stores a sitting, so that it is there on another day; not at each touch. */
const SITTING_MS = 2_000;

/**
 * Stores in this window where the teacher is. From the first act in class on, the lesson is recorded as taught, and the
 * server stores where it stands with this class.
 */
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
    let timer: ReturnType<typeof setTimeout> | undefined;
    const send = () => {
      clearTimeout(timer);
      timer = undefined;
      const state = store.getState();
      if (isBegun(state)) sendSitting(id, state.taughtTo, whereaboutsOf(state));
    };
    const sendNow = () => timer && send();
    const stop = store.subscribe((now, before) => {
      if ((now.boards === before.boards && now.at === before.at) || !isBegun(now)) return;
      if (!noted.current) {
        // Looking through the boards is no teaching; what is done on one is.
        if (now.at !== before.at || now.boards.length !== before.boards.length) return;
        const [state, was] = [boardStateOf(now), boardStateOf(before)];
        if (state.climbed === was.climbed && state.live === was.live) return;
        noted.current = true;
        sendTaught(id);
      }
      timer ??= setTimeout(send, SITTING_MS);
    });
    window.addEventListener("pagehide", sendNow);
    return () => {
      stop();
      sendNow();
      window.removeEventListener("pagehide", sendNow);
    };
  }, [id, store, preparing]);
}
