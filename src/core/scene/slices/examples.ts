import type { NumberKey } from "../../number/exact";
import { INKS, type Ink } from "../../set/ink";
import { cellKey, type Target } from "../../surface/cell-key";
import type { ViewId } from "../../views/view-id";
import type { Numbers } from "../numbers";
import type { Some } from "../slice";

/** Examples are about the numbers 1 to 30, so that many moves of a scene meet the same number. */
export const someNumber = (some: Some): NumberKey => String(some.whole(1, 30));

/** A number, now and then a cell of a times grid with numbers up to 36. */
export const someTarget = (some: Some): Target =>
  some.whole(0, 4) === 0 ? cellKey(some.whole(1, 6), some.whole(1, 6)) : someNumber(some);

export const someNumbers = (some: Some): Numbers =>
  some.whole(0, 2) === 0 ? some.rule() : some.list(() => someTarget(some), 1, 12);

export const someInk = (some: Some): Ink => some.one(INKS);
export const someFlag = (some: Some): boolean => some.one([false, true]);
/** Null now and then. */
export const orNull = <T>(some: Some, of: () => T): T | null => (some.whole(0, 3) === 0 ? null : of());
export const someView = (some: Some): ViewId => some.one(["chart", "line", "line-2", "times", "trail"]);
