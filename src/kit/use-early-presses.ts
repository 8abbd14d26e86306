"use client";

import { useEffect, useLayoutEffect, useRef } from "react";
import { PRESSED, type Pressed } from "./take-presses";

const page = globalThis as { [PRESSED]?: () => Pressed };

/** Does what was pressed and typed on the page before its code arrived, once it is interactive. */
export function useEarlyPresses(): void {
  const pressed = useRef<Pressed | undefined>(undefined);
  // In the commit that makes the page interactive: no press is taken twice.
  useLayoutEffect(() => {
    pressed.current ??= page[PRESSED]?.();
    delete page[PRESSED];
  }, []);
  useEffect(() => {
    if (!pressed.current) return;
    const { button, typed } = pressed.current;
    pressed.current = undefined;
    for (const [field, text] of typed) {
      if (field.isConnected) type(field, text);
    }
    if (button?.isConnected) button.click();
  }, []);
}

/** Types into a field as a person does: React takes no notice of a value that is only set, nor of one that it knows. */
function type(field: HTMLInputElement, text: string): void {
  field.value = "";
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value")?.set?.call(field, text);
  field.dispatchEvent(new Event("input", { bubbles: true }));
}
