import { useEffect } from "react";

/**
 * A finger or a palm that rests on a board brings up no menu of the browser, which would cover it. A mouse has its menu,
 * and so has a field.
 */
export function useNoTouchMenu(): void {
  useEffect(() => {
    const onMenu = (event: MouseEvent) => {
      const { pointerType } = event as PointerEvent;
      const isField = (event.target as Element).closest("input, textarea") !== null;
      if ((pointerType === "touch" || pointerType === "pen") && !isField) event.preventDefault();
    };
    window.addEventListener("contextmenu", onMenu);
    return () => window.removeEventListener("contextmenu", onMenu);
  }, []);
}
