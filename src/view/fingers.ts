type Down = { pointerId: number; pointerType: string; isPrimary: boolean };

/** Fingers that are down on a view, each with its data. */
export type Fingers<F extends { pointer: string }> = Map<number, F>;

/** A finger comes down. A primary one replaces those whose end was never reported. */
export function fingerDown<F extends { pointer: string }>(
  fingers: Fingers<F>,
  { pointerId, pointerType, isPrimary }: Down,
  finger: F,
): void {
  if (isPrimary) for (const [id, { pointer }] of fingers) if (pointer === pointerType) fingers.delete(id);
  fingers.set(pointerId, finger);
}

/** A finger is lifted: returns its data, if it was down. */
export function fingerUp<F extends { pointer: string }>(
  fingers: Fingers<F>,
  { pointerId }: Pick<Down, "pointerId">,
): F | undefined {
  const finger = fingers.get(pointerId);
  fingers.delete(pointerId);
  return finger;
}
