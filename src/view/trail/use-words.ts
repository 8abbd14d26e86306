"use client";

import { useEffect, useState } from "react";
import type { NumberKey } from "@/core/number/exact";
import type { WordForm } from "@/core/number/number-words";

type Say = (number: NumberKey, form: WordForm) => string;

/** The words of numbers, brought when they are first asked for; null until they are there. */
export function useWords(wanted: boolean): Say | null {
  const [say, setSay] = useState<{ numberWords: Say } | null>(null);
  useEffect(() => {
    if (!wanted) return;
    let gone = false;
    void import("@/core/number/number-words").then((words) => {
      if (!gone) setSay(words);
    });
    return () => {
      gone = true;
    };
  }, [wanted]);
  return say?.numberWords ?? null;
}
