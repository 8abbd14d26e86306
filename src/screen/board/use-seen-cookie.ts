"use client";

import { useEffect } from "react";
import { seenCookie } from "./seen";

/** Tells the server how this window is seen, so that it draws the next first board in its size. */
export function useSeenCookie(strong: boolean): void {
  useEffect(() => {
    const tell = () => {
      // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not there on a plain address of another machine.
      document.cookie = seenCookie({ width: window.innerWidth, height: window.innerHeight, strong });
    };
    tell();
    window.addEventListener("resize", tell);
    return () => window.removeEventListener("resize", tell);
  }, [strong]);
}
