/**
 * Where on the page a list opens: in its main part, so that who goes from part to part comes by it. Over a dialog, which
 * closes off all parts of the page, it stands outside of them.
 */
export const openedIn = (): HTMLElement | null =>
  typeof document === "undefined" || document.querySelector("[role=dialog]")
    ? null
    : document.querySelector("main");
