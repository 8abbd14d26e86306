/** The functions that settle each group of fields being typed in. */
export const openDrafts = new Set<() => void>();

/** Accepts or refuses at once whatever is being typed anywhere: called before anything else is shown. */
export function keepDrafts(): void {
  for (const settle of [...openDrafts]) settle();
  // Boards are also changed without a page.
  if (typeof document === "undefined") return;
  const field = document.activeElement;
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) field.blur();
}
