/*
 * The parts of Zod that schemas use, and no others: the module is passed on as a value, and so is sent to a browser as
 * a whole.
 */

export type {
  core,
  infer,
  output,
  ZodMiniBoolean,
  ZodMiniLiteral,
  ZodMiniObject,
  ZodMiniType,
} from "zod/mini";
export {
  _default,
  array,
  boolean,
  catch,
  catchall,
  check,
  discriminatedUnion,
  enum,
  extend,
  int,
  literal,
  looseObject,
  maximum,
  maxLength,
  minimum,
  minLength,
  NEVER,
  nullable,
  number,
  object,
  optional,
  pick,
  pipe,
  record,
  refine,
  regex,
  safeExtend,
  string,
  transform,
  trim,
  union,
  unknown,
} from "zod/mini";
