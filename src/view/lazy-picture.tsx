"use client";

import { useEffect, useRef, useState } from "react";
import type { Scene } from "@/core/lesson/scene";
import type { ChartSettings } from "@/core/surface/chart";
import { ChartPicture } from "./chart/chart-picture";

/**
 * A chart's picture, drawn once it comes near the window: a shelf holds a year of lessons, and a slow computer draws
 * the dozen that are seen.
 */
export function LazyPicture({ settings, scene }: { settings: ChartSettings; scene: Scene }) {
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
      {near && <ChartPicture settings={settings} scene={scene} width={300} height={180} />}
    </div>
  );
}
