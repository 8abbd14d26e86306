"use client";

import { useEffect } from "react";
import { keepCookie } from "@/kit/keep-cookie";
import { SEEN, writeSeen } from "./seen-cookie";

/** Tells the server how this window is seen, so that it draws the next first board in its size. */
export function useSeenCookie(strong: boolean): void {
  useEffect(() => {
    const tell = () => {
      keepCookie(SEEN, writeSeen({ width: window.innerWidth, height: window.innerHeight, strong }));
    };
    tell();
    window.addEventListener("resize", tell);
    return () => window.removeEventListener("resize", tell);
  }, [strong]);
}
