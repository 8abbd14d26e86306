"use client";

import { type ComponentType, createElement, useEffect, useState } from "react";
import { patient } from "./patient";

/** A part of the screen that is not there from the start; `bring` loads it ahead of time. */
export type Later<P> = ComponentType<P> & {
  readonly bring: () => Promise<void>;
  readonly isThere: () => boolean;
};

/**
 * A part that is loaded when it is first shown, or ahead of time. Once loaded it is drawn at once, without a moment of
 * nothing in its place.
 * @param fetched whether showing it is enough to load it; otherwise it waits for `bring`
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
 * Loads a part together with others that have to be there first: what was queued while they were loading runs before
 * anything that the part does.
 */
export const having =
  <P,>(needed: readonly { readonly bring: () => Promise<unknown> }[], load: () => Promise<P>) =>
  async (): Promise<P> => {
    const [part] = await Promise.all([load(), ...needed.map(({ bring }) => bring())]);
    return part;
  };

/**
 * A module that is loaded when it is first needed, or ahead of time. Once it is there, what waits for it runs at once.
 */
export function ahead<M>(load: () => Promise<M>) {
  let there: M | null = null;
  const waiting: ((module: M) => void)[] = [];
  const fetch = patient(async () => {
    there ??= await load();
    // In the order of arrival.
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
    /** The module if it is there by now, else null. */
    ready: (): M | null => there,
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
