"use client";

import { useCallback, useEffect, useState } from "react";
import { say } from "@/kit/messages";
import { type KeptCard, LibraryAnswer, type LibraryRequest } from "./library-messages";

const TOO_LONG_MS = 15_000;
const UNREACHED = "Yellow Stair did not answer, so the card library was not changed. Try again in a moment.";

async function askLibrary(request: LibraryRequest): Promise<LibraryAnswer> {
  const response = await fetch("/api/cards", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(request),
    signal: AbortSignal.timeout(TOO_LONG_MS),
  });
  return LibraryAnswer.parse(await response.json());
}

/** The card library, and what changes it; null until it has answered. */
export function useLibrary(): [readonly KeptCard[] | null, (request: LibraryRequest, done?: string) => void] {
  const [cards, setCards] = useState<readonly KeptCard[] | null>(null);
  const ask = useCallback((request: LibraryRequest, done?: string) => {
    askLibrary(request).then(
      (answer) => {
        if (!answer.ok) return say(answer.message);
        setCards(answer.cards);
        if (done) say(done);
      },
      () => say(UNREACHED),
    );
  }, []);
  useEffect(() => ask({ do: "list" }), [ask]);
  return [cards, ask];
}
