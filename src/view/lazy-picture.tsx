"use client";

import { useEffect, useRef, useState } from "react";
import type { BoardLook } from "@/core/lesson/board-look";
import { LookPicture } from "./look-picture";

/**
 * A board's picture, drawn once it comes near the window: a shelf holds a year of lessons, and a slow computer draws
 * the dozen that are seen.
 */
export function LazyPicture({ look }: { look: BoardLook }) {
  const frame = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  useEffect(() => {
    if (!frame.current) return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some(({ isIntersecting }) => isIntersecting)) return;
        setNear(true);
        observer.disconnect();
      },
      { rootMargin: "300px" },
    );
    observer.observe(frame.current);
    return () => observer.disconnect();
  }, []);
  return (
    <div ref={frame} className="size-full">
      {near && <LookPicture look={look} width={300} height={180} />}
    </div>
  );
}
