import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { INPUTS } from "../../../tests/support/recipe-inputs";
import { RECIPE_NAMES, RecipeInputs, recipeOf, written } from "../lesson/recipes/any";
import { randomOf } from "../puzzle/draw";
import { SHEET_KINDS } from "../sheet/kinds";
import { kindOfPart, type PartSettings, SHEET_KIND_NAMES } from "../sheet/sheet";
import { choicesOf, isAsked, partsSet } from "./asked";
import type { KindField } from "./kind";
import { KINDS } from "./kinds";
import { KIND_NAMES } from "./view";

/** The other values that a field may be set to. */
function othersOf(field: KindField, is: unknown): unknown[] {
  const choices = choicesOf(field);
  if (choices) return choices.filter((value) => value !== is);
  if (field.part === "typed") return is === "" ? ["8 − 3 = ?"] : [""];
  if ("whole" in field) return [Number(is) - 1, Number(is) + 1, Number(is) + 2];
  return [];
}

const ALL_FIELDS: [string, readonly KindField[]][] = [
  ...KIND_NAMES.map((name): [string, readonly KindField[]] => [name, KINDS[name].fields]),
  ...SHEET_KIND_NAMES.map((name): [string, readonly KindField[]] => [name, SHEET_KINDS[name].fields]),
  ...RECIPE_NAMES.map((kind): [string, readonly KindField[]] => [
    kind,
    recipeOf({ kind } as RecipeInputs).fields,
  ]),
];

const textOf = (inputs: RecipeInputs) => JSON.stringify(written(inputs));

describe("a field that is asked for only at times", () => {
  test.each(ALL_FIELDS)("%s: names a choice of another field", (_, fields) => {
    for (const { only } of fields) {
      if (!only) continue;
      const other = fields.find(({ part }) => part === only.part)!;
      const values = "text" in other ? ["", "8 − 3 = ?"] : othersOf(other, null);
      expect(only.is.length).toBeLessThan(values.length);
      expect(values).toEqual(expect.arrayContaining([...only.is]));
    }
  });

  test("changes something where it is asked for: what recipes write", () => {
    for (const kind of RECIPE_NAMES) {
      const { fields } = recipeOf({ kind } as RecipeInputs);
      const idle = new Set(fields.filter((field) => othersOf(field, 1).length > 0).map(({ part }) => part));
      for (const some of fc.sample(INPUTS[kind], { numRuns: 300, seed: 11 })) {
        const inputs = RecipeInputs.safeParse({ kind, ...some });
        if (!inputs.success) continue;
        for (const field of fields.filter((one) => idle.has(one.part) && isAsked(one, inputs.data)))
          for (const other of othersOf(field, (some as Record<string, unknown>)[field.part])) {
            const changed = RecipeInputs.safeParse({ ...inputs.data, [field.part]: other });
            // Inputs that no longer make a stair are a change too.
            const isRefused = !changed.success && ("options" in field || "switched" in field);
            if (isRefused || (changed.success && textOf(changed.data) !== textOf(inputs.data)))
              idle.delete(field.part);
          }
      }
      expect([kind, [...idle]]).toEqual([kind, []]);
    }
  });

  test("changes something where it is asked for: what stands on a sheet", () => {
    for (const name of SHEET_KIND_NAMES) {
      const { starts, fields } = SHEET_KINDS[name] as { starts: PartSettings; fields: readonly KindField[] };
      const made = (of: PartSettings) => JSON.stringify(kindOfPart(of).make(of, randomOf(5)));
      const idle = fields.filter((field) => {
        const at = field.only ? { ...starts, [field.only.part]: field.only.is[0] } : starts;
        const others = othersOf(field, starts[field.part as never]);
        return (
          others.length > 0 &&
          others.every(
            (other) => made({ ...at, [field.part]: other } as PartSettings) === made(at as PartSettings),
          )
        );
      });
      expect([name, idle.map(({ part }) => part)]).toEqual([name, []]);
    }
  });

  test("changes nothing while it is not asked for: what recipes write", () => {
    let tried = 0;
    for (const kind of RECIPE_NAMES) {
      const { fields } = recipeOf({ kind } as RecipeInputs);
      if (!fields.some(({ only }) => only)) continue;
      for (const some of fc.sample(INPUTS[kind], { numRuns: 200, seed: 7 })) {
        const inputs = RecipeInputs.safeParse({ kind, ...some });
        if (!inputs.success) continue;
        for (const field of fields) {
          if (isAsked(field, inputs.data)) continue;
          for (const other of othersOf(field, (some as Record<string, unknown>)[field.part])) {
            const changed = RecipeInputs.safeParse({ ...inputs.data, [field.part]: other });
            if (!changed.success) continue;
            tried += 1;
            expect(written(changed.data)).toEqual(written(inputs.data));
          }
        }
      }
    }
    expect(tried).toBeGreaterThan(100);
  });

  test("changes nothing while it is not asked for: what stands on a sheet", () => {
    const tried = new Set<string>();
    for (const name of SHEET_KIND_NAMES) {
      const { starts, fields } = SHEET_KINDS[name] as { starts: PartSettings; fields: readonly KindField[] };
      const choosing = fields.filter((field) => fields.some(({ only }) => only?.part === field.part));
      for (const chosen of choosing)
        for (const value of [
          starts[chosen.part as never],
          ...othersOf(chosen, starts[chosen.part as never]),
        ]) {
          const settings = { ...starts, [chosen.part]: value } as PartSettings;
          const made = (of: PartSettings) => kindOfPart(of).make(of, randomOf(5));
          const asked = fields.filter((one) => isAsked(one, settings)).map(({ part }) => part);
          for (const field of fields.filter(({ part }) => !asked.includes(part)))
            for (const other of othersOf(field, settings[field.part as never])) {
              tried.add(`${name} ${field.part}`);
              expect(made({ ...settings, [field.part]: other } as PartSettings)).toEqual(made(settings));
            }
        }
    }
    expect([...tried].sort()).toEqual([
      "chart of",
      "frames most",
      "pieces zeros",
      "problems blank",
      "problems count",
      "problems operation",
      "problems within",
    ]);
  });

  test("a choice that is no longer offered becomes one that is", () => {
    const { fields, starts } = SHEET_KINDS.pieces;
    expect(partsSet(fields, { ...starts, numbers: "thousands" }, "as", "bundles")).toEqual({
      as: "bundles",
      numbers: "hundreds",
    });
    expect(partsSet(fields, { ...starts, numbers: "tens" }, "as", "bundles")).toEqual({ as: "bundles" });
    // One choice after another never leaves a list without its value.
    for (const { fields: all, starts: first } of [...Object.values(SHEET_KINDS), ...Object.values(KINDS)])
      for (const field of all as readonly KindField[])
        for (const value of othersOf(field, null)) {
          const next = { ...first, ...partsSet(all, first, field.part, value) };
          expect(partsSet(all, next, field.part, value)).toEqual({ [field.part]: value });
        }
  });
});
