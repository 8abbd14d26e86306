import type * as Zod from "./zod";

/** What schemas are built with. */
export type Z = typeof Zod;

/**
 * A schema that is built when it is first used and kept from then on. The caller passes in Zod, so that a page which
 * only shows data already checked loads neither.
 */
export function schema<S extends Zod.core.$ZodType>(build: (z: Z) => S): (z: Z) => S {
  let built: S | undefined;
  return (z) => {
    built ??= build(z);
    return built;
  };
}

/** The type of data that satisfies a schema. */
export type Checked<F extends (z: Z) => Zod.core.$ZodType> = Zod.output<ReturnType<F>>;
