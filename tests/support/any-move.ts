import fc from "fast-check";
import { INKS } from "@/core/lesson/ink";
import type { Move } from "@/core/lesson/move";

const number = fc.integer({ min: 1, max: 30 }).map(String);
const numbers = fc.array(number, { minLength: 1, maxLength: 12 });
const ink = fc.constantFrom(...INKS);
/** Any move on the numbers 1 to 30. */
export const anyMove: fc.Arbitrary<Move> = fc.oneof(
  fc.record({ do: fc.constantFrom("mark" as const, "unmark" as const), ink, numbers }),
  fc.record({ do: fc.constantFrom("cover" as const, "lift" as const), numbers }),
  fc.record({ do: fc.constant("focus" as const), number: fc.option(number) }),
  fc.record({ do: fc.constant("start" as const), number }),
  fc.record({ do: fc.constant("jump" as const), by: fc.integer({ min: 1, max: 9 }).map(String) }),
  fc.record({ do: fc.constant("clear-marks" as const), ink: fc.option(ink) }),
  fc.constantFrom<Move>({ do: "retrace" }, { do: "clear-trail" }),
);
