"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import { KEYBOARD, PEEK_MS, type Sweep } from "./use-sweep";

type Pressed = Pick<Sweep, "begin" | "end" | "canPeek">;

/**
 * Enter or Space on a cell acts like a finger on it: on a covered cell a long press shows its number to the teacher,
 * and a short one uses the tool in hand when released. Everywhere else the press acts at once, and once.
 */
export function useKeyPress(sweep: Pressed | undefined) {
  const [peeked, setPeeked] = useState<string | null>(null);
  const held = useRef<{ cell: string; waiting: ReturnType<typeof setTimeout> | undefined } | null>(null);
  const now = useRef(sweep);
  now.current = sweep;
  useEffect(() => () => clearTimeout(held.current?.waiting), []);
  const keys = useMemo(() => {
    const press = (cell: string) => {
      now.current?.begin(cell, KEYBOARD);
      now.current?.end(KEYBOARD);
    };
    const leave = () => {
      clearTimeout(held.current?.waiting);
      held.current = null;
      setPeeked(null);
    };
    return {
      down: (cell: string, repeat: boolean) => {
        if (repeat || held.current) return;
        if (!now.current?.canPeek?.(cell)) return press(cell);
        const waiting = setTimeout(() => {
          held.current = { cell, waiting: undefined };
          setPeeked(cell);
        }, PEEK_MS);
        held.current = { cell, waiting };
      },
      onKeyUp: ({ key }: { key: string }) => {
        if (key !== "Enter" && key !== " ") return;
        const was = held.current;
        leave();
        if (was?.waiting !== undefined) press(was.cell);
      },
      leave,
    };
  }, []);
  return { ...keys, peeked };
}
