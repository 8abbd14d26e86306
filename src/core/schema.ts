import type * as Zod from "./zod";

/** What schemas are built with. */
export type Z = typeof Zod;

/**
 * A schema, built when something is first checked by it and kept from then on. What checks hands in what it is built with:
 * a page that only shows what was checked before goes without both.
 */
export function schema<S extends Zod.core.$ZodType>(build: (z: Z) => S): (z: Z) => S {
  let built: S | undefined;
  return (z) => {
    built ??= build(z);
    return built;
  };
}

/** What is right by a schema. */
export type Checked<F extends (z: Z) => Zod.core.$ZodType> = Zod.output<ReturnType<F>>;
