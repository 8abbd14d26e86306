import { SCHEMA_PARTS } from "@/core/lesson/schema-parts";
import { KIND_NAMES } from "@/core/views/view";
import * as z from "@/core/zod";
import { untilThere } from "@/kit/patient";
import { DRAWINGS } from "@/view/board/drawings";

/** How many parts of the schema are built at once. */
const AT_ONCE = 3;

type Part = { readonly bring: () => Promise<unknown> };

/** What would hold up the page if it was needed all at once: what checks a lesson, and what draws it on paper. */
export function* restInTurn(): Generator<Part> {
  for (let at = 0; at < SCHEMA_PARTS.length; at += AT_ONCE)
    yield {
      bring: async () => {
        for (const build of SCHEMA_PARTS.slice(at, at + AT_ONCE)) build(z);
      },
    };
  yield* KIND_NAMES.map((kind) => ({ bring: () => untilThere<unknown>(DRAWINGS[kind].drawing) }));
}
