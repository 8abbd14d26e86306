import { Rule } from "@/core/set/rule";
import * as z from "@/core/zod";

const Id = z.string().check(z.minLength(1), z.maxLength(64));

/** What the card library is asked for. */
export const LibraryRequest = z.discriminatedUnion("do", [
  z.object({ do: z.literal("list") }),
  z.object({ do: z.literal("keep"), rule: Rule(z) }),
  z.object({ do: z.literal("drop"), id: Id }),
]);
export type LibraryRequest = z.infer<typeof LibraryRequest>;

const KeptCard = z.object({ id: z.string(), rule: Rule(z) });
export type KeptCard = z.infer<typeof KeptCard>;

/** The cards of the library as they then are, or why nothing was done. */
export const LibraryAnswer = z.discriminatedUnion("ok", [
  z.object({ ok: z.literal(true), cards: z.array(KeptCard) }),
  z.object({ ok: z.literal(false), message: z.string() }),
]);
export type LibraryAnswer = z.infer<typeof LibraryAnswer>;
