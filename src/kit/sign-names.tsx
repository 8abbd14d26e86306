"use client";

import { useEffect, useState } from "react";
import { later } from "./later";
import { isMet, meet } from "./signs-met";

const SignName = later(() => import("./sign-name").then((part) => part.SignName));

/** What may be an icon without words. */
const SIGNS = "button, a[href], [role=radio], [role=switch]";
const [RESTS_MS, STAYS_MS] = [500, 2200];

export type NamedSign = { name: string; at: DOMRect };

/** The icon button that an element belongs to; null if it has visible words or no name. */
function signAt(target: EventTarget | null): { sign: Element; name: string } | null {
  const sign = target instanceof Element ? target.closest(SIGNS) : null;
  const name = sign?.getAttribute("aria-label");
  // Numbers, and touchable parts of a drawing, are not icons.
  if (!sign || !name || sign.closest("[data-cell], [role=grid], svg")) return null;
  return hasWords(sign) ? null : { sign, name };
}

function hasWords(sign: Element): boolean {
  const walker = document.createTreeWalker(sign, NodeFilter.SHOW_TEXT);
  while (walker.nextNode()) {
    const { parentElement: around, data } = walker.currentNode as Text;
    // Text for screen readers only is one pixel wide.
    if (/\p{L}/u.test(data) && around && around.getBoundingClientRect().width > 2) return true;
  }
  return false;
}

/**
 * Icons without words show their names: while the mouse rests on one or the keyboard focus is on it, and under a finger
 * the first time that one is pressed.
 */
export function SignNames() {
  const [said, setSaid] = useState<NamedSign | null>(null);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout>;
    let over: Element | null = null;
    const hide = () => {
      clearTimeout(timer);
      over = null;
      setSaid(null);
    };
    const show = ({ sign, name }: { sign: Element; name: string }) =>
      setSaid({ name, at: sign.getBoundingClientRect() });
    const rest = (target: EventTarget | null) => {
      const found = signAt(target);
      if (found?.sign === over) return;
      hide();
      if (!found) return;
      over = found.sign;
      timer = setTimeout(() => found.sign.isConnected && show(found), RESTS_MS);
    };
    const onOver = ({ target, pointerType }: PointerEvent) => {
      if (pointerType !== "touch") rest(target);
    };
    const onDown = ({ target, pointerType }: PointerEvent) => {
      const found = signAt(target);
      hide();
      // A button that opens a list is explained by the list.
      if (pointerType !== "touch" || !found || found.sign.hasAttribute("aria-haspopup")) return;
      if (isMet(found.name)) return;
      meet(found.name);
      show(found);
      timer = setTimeout(hide, STAYS_MS);
    };
    const onFocus = ({ target }: FocusEvent) => {
      const found = signAt(target);
      if (!found || found.sign !== target || !found.sign.matches(":focus-visible")) return;
      hide();
      timer = setTimeout(() => document.activeElement === found.sign && show(found), RESTS_MS);
    };
    const listeners = {
      pointerover: onOver,
      pointerdown: onDown,
      focusin: onFocus,
      focusout: hide,
      keydown: hide,
      wheel: hide,
    } as const;
    const all = Object.entries(listeners) as [string, EventListener][];
    for (const [kind, listener] of all)
      document.addEventListener(kind, listener, { passive: true, capture: true });
    // A mouse that was resting on an icon before this was loaded.
    if (matchMedia("(hover: hover)").matches) rest([...document.querySelectorAll(":hover")].at(-1) ?? null);
    return () => {
      clearTimeout(timer);
      for (const [kind, listener] of all) document.removeEventListener(kind, listener, { capture: true });
    };
  }, []);
  return said && <SignName {...said} />;
}
