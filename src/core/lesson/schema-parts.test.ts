import { expect, test } from "vitest";
import { Move } from "../scene/move";
import { Condition } from "../set/rule";
import * as z from "../zod";
import { SCHEMA_PARTS } from "./schema-parts";

const optionsOf = (schema: unknown) => (schema as { def: { options: unknown[] } }).def.options;

test("The parts of a lesson's schema are built once, and the lesson is checked by them", () => {
  const built = SCHEMA_PARTS.map((build) => build(z));
  expect(SCHEMA_PARTS.map((build) => build(z))).toEqual(built);
  for (const whole of [Condition(z), Move(z)])
    for (const option of optionsOf(whole)) expect(built.some((part) => part === option)).toBe(true);
});
