/** What settles each group of fields that is being typed in. */
export const openDrafts = new Set<() => void>();

/** Takes or refuses at once what is being typed anywhere: called before anything else comes on show. */
export function keepDrafts(): void {
  for (const settle of [...openDrafts]) settle();
  // Boards are also changed where there is no page.
  if (typeof document === "undefined") return;
  const field = document.activeElement;
  if (field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement) field.blur();
}
