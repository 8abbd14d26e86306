/**
 * The container in which a list opens: the main landmark, so that keyboard and screen reader come by it. Over a dialog,
 * which makes the rest of the page inert, it stands outside of it.
 */
export const openedIn = (): HTMLElement | null =>
  typeof document === "undefined" || document.querySelector("[role=dialog]")
    ? null
    : document.querySelector("main");
