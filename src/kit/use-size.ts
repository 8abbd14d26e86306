"use client";

import { type RefObject, useLayoutEffect, useState } from "react";
import { afterFrame } from "./after-frame";

export type Size = { width: number; height: number };

/** The size of an element in pixels, kept up to date; `before` until it has been measured. */
export function useSize(element: RefObject<HTMLElement | null>, before: Size): Size {
  const [size, setSize] = useState(before);
  useLayoutEffect(() => {
    const box = element.current;
    if (!box) return;
    const measure = () => {
      const { clientWidth: width, clientHeight: height } = box;
      if (width > 0 && height > 0)
        setSize((old) => (old.width === width && old.height === height ? old : { width, height }));
    };
    measure();
    // What stands there was laid out for another size: it is put in its place, and does not travel to it.
    box.toggleAttribute("data-new", true);
    afterFrame(() => box.removeAttribute("data-new"));
    const observer = new ResizeObserver(measure);
    observer.observe(box);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
