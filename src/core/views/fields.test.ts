import { expect, test } from "vitest";
import { SHEET_KINDS } from "../sheet/kinds";
import { SHEET_KIND_NAMES } from "../sheet/sheet";
import * as z from "../zod";
import type { KindField } from "./kind";
import { KINDS } from "./kinds";
import { KIND_NAMES } from "./view";

type Row = [string, object, readonly KindField[], (settings: object) => boolean];

const VIEWS = KIND_NAMES.map((name): Row => {
  const { schema, starts, fields } = KINDS[name];
  return [name, starts, fields, (settings) => schema(z).safeParse(settings).success];
});
const SHEETS = SHEET_KIND_NAMES.map((name): Row => {
  const { schema, starts, fields } = SHEET_KINDS[name];
  return [`sheet of ${name}`, starts, fields, (settings) => schema.safeParse(settings).success];
});

/** As the field passes it on: some settings store their numbers as text. */
const set = (starts: object, part: string, value: number) => {
  const was = (starts as Record<string, unknown>)[part];
  return { ...starts, [part]: typeof was === "string" ? String(value) : value };
};

test.each([...VIEWS, ...SHEETS])(
  "fields of %s are as wide as what may be kept",
  (_, starts, fields, keeps) => {
    for (const field of fields) {
      if (!("whole" in field)) continue;
      const { min, max } = field.whole;
      const kept = [min - 1, max + 1].map((value) => keeps(set(starts, field.part, value)));
      expect([field.part, ...kept]).toEqual([field.part, false, false]);
    }
  },
);
