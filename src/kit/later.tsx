"use client";

import { type ComponentType, createElement, useEffect, useState } from "react";
import { patient } from "./patient";

/** A part of the screen that is not there from the start; `bring` fetches it ahead. */
export type Later<P> = ComponentType<P> & {
  readonly bring: () => Promise<void>;
  readonly isThere: () => boolean;
};

/**
 * A part that is fetched when it is first shown, or ahead. Once it is there it is drawn at once, with nothing in its place
 * for a moment.
 * @param fetched whether it is enough to show it for it to be fetched; else it waits until it is brought
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  Meanwhile: ComponentType<P> = () => null,
  fetched: "when shown" | "when brought" = "when shown",
): Later<P> {
  let part: ComponentType<P> | null = null;
  const waiting = new Set<() => void>();
  const fetch = patient(async () => {
    part ??= await load();
    for (const tell of waiting) tell();
  });
  let coming: Promise<void> | null = null;
  const bring = () => {
    coming ??= fetch();
    return coming;
  };
  function Part(props: P) {
    const [, setThere] = useState(part !== null);
    useEffect(() => {
      const tell = () => setThere(true);
      if (part) return tell();
      waiting.add(tell);
      if (fetched === "when shown") void bring();
      return () => void waiting.delete(tell);
    }, []);
    return createElement(part ?? Meanwhile, props);
  }
  return Object.assign(Part, { bring, isThere: () => part !== null });
}

/**
 * Fetches a part together with others that have to be there before it: what was done while they were on their way is done
 * before anything that the part does.
 */
export const having =
  <P,>(needed: readonly { readonly bring: () => Promise<unknown> }[], load: () => Promise<P>) =>
  async (): Promise<P> => {
    const [part] = await Promise.all([load(), ...needed.map(({ bring }) => bring())]);
    return part;
  };

/** A module that is fetched when it is first needed, or ahead. Once it is there, what waits for it is done at once. */
export function ahead<M>(load: () => Promise<M>) {
  let there: M | null = null;
  const waiting: ((module: M) => void)[] = [];
  const fetch = patient(async () => {
    there ??= await load();
    // In the order in which it came.
    for (const run of waiting.splice(0)) run(there);
    return there;
  });
  let coming: Promise<M> | null = null;
  const bring = () => {
    coming ??= fetch();
    return coming;
  };
  return {
    bring,
    /** Whether anything waits for it. */
    isAwaited: (): boolean => waiting.length > 0,
    with: (run: (module: M) => void): void => {
      if (there) {
        run(there);
        return;
      }
      waiting.push(run);
      void bring();
    },
  };
}
