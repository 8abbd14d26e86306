import { MOVES } from "../scene/move";
import type { Z } from "../schema";
import { CONDITION_SCHEMAS } from "../set/rule";
import { KINDS } from "../views/kinds";

/**
 * The parts of a lesson's schema, each of which is built once and kept: one after the other they can be built in the
 * pauses of a page that would stand still if the first lesson to be checked needed all of them.
 */
export const SCHEMA_PARTS: readonly ((z: Z) => unknown)[] = [
  ...CONDITION_SCHEMAS,
  ...MOVES.map(({ schema }) => schema),
  ...Object.values(KINDS).map(({ schema }) => schema),
];
