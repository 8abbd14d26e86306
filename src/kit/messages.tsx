"use client";

import { type ComponentType, useEffect, useState } from "react";
import { patient } from "./patient";

/**
 * The list of messages is loaded with the first message, or a few seconds after the page: the page stands sooner
 * without it, and it is there when the server goes away.
 */
const list = patient(() => import("./message-list"));
const AFTER_THE_PAGE_MS = 3000;

let bring: (() => void) | undefined;

/** Where messages appear. */
export function Messages() {
  const [List, setList] = useState<ComponentType | null>(null);
  useEffect(() => {
    bring = () => void list().then(({ MessageList }) => setList(() => MessageList));
    const timer = setTimeout(bring, AFTER_THE_PAGE_MS);
    return () => clearTimeout(timer);
  }, []);
  return List && <List />;
}

/** Shows a message about what has happened, in the word of the button that did it, with a way back if there is one. */
export function say(message: string, back?: { label: string; run: () => void }) {
  bring?.();
  void list().then(({ show }) => show(message, back));
}
