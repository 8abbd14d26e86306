/** The global under which a page stores what was done on it before its code arrived. */
export const PRESSED = "yellowStairPressed";

/** What was done: the last button that was pressed, and what is typed in fields. */
export type Pressed = { button: HTMLButtonElement | null; typed: Map<HTMLInputElement, string> };

/**
 * Stores the last press of a button, and what is typed, until the page is interactive. The function is sent as text and
 * runs by itself, so it uses nothing from any module.
 */
export function takePresses(name: string): void {
  const pressed: Pressed = { button: null, typed: new Map() };
  const onClick = ({ target }: Event) => {
    if (target instanceof Element) pressed.button = target.closest("button") ?? pressed.button;
  };
  const onInput = ({ target }: Event) => {
    if (target instanceof HTMLInputElement) pressed.typed.set(target, target.value);
  };
  window.addEventListener("click", onClick, true);
  window.addEventListener("input", onInput, true);
  (window as unknown as Record<string, unknown>)[name] = () => {
    window.removeEventListener("click", onClick, true);
    window.removeEventListener("input", onInput, true);
    return pressed;
  };
}
