/** The boards of a lesson, as far as their stairs have steps. */
type Stairs = readonly { readonly id: string; readonly stair: { readonly length: number } }[];

/** Where a lesson stands, in words: "step 4 of board 2"; null where that board is no longer there. */
export function whereWords(
  { boards }: { readonly boards: Stairs },
  board: string,
  climbed: number,
): string | null {
  const at = boards.findIndex(({ id }) => id === board);
  if (at < 0) return null;
  const level = Math.min(climbed, boards[at]!.stair.length);
  const place = level === 0 ? "the start" : `step ${level}`;
  return boards.length === 1 ? place : `${place} of board ${at + 1}`;
}
