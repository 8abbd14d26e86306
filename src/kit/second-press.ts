/**
 * Whether a press is the second of a double tap that is to do nothing: for those who hear of presses before the guard
 * (`use-second-press.ts`), which says so once it is there.
 */
export const secondPress = { is: (_press: PointerEvent): boolean => false };
