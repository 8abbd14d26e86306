type Press = Pick<MouseEvent, "clientX" | "clientY" | "timeStamp">;

/**
 * Whether a press is the second of a double tap that is to do nothing: for those who hear of presses before the guard
 * (`use-second-press.ts`), which says so once it is there. Until then it is told of the press that first opened something.
 */
export const secondPress = { is: (_press: PointerEvent): boolean => false, opened: null as Press | null };
