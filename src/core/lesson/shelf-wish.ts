import { type Checked, schema } from "../schema";
import { MAX } from "./bounds";

/** The order of lessons on the shelf: last changed or taught first, or by title or class. */
export const SHELF_ORDERS = ["latest", "title", "class"] as const;
export type ShelfOrder = (typeof SHELF_ORDERS)[number];

export const MAX_FIND = 100;

/** A search of the shelf: which lessons, in which order. Invalid parts are ignored, so that the shelf always shows. */
export const ShelfWish = schema((z) =>
  z.object({
    find: z.catch(z.string().check(z.trim(), z.maxLength(MAX_FIND)), ""),
    label: z.catch(z.string().check(z.maxLength(MAX.label)), ""),
    order: z.catch(z.enum(SHELF_ORDERS), "latest"),
  }),
);
export type ShelfWish = Checked<typeof ShelfWish>;

/** All lessons, the latest first. */
export const ALL_LESSONS: ShelfWish = { find: "", label: "", order: "latest" };

/** A search as the query of a web address; defaults are left out. */
export function wishQuery(wish: ShelfWish): string {
  const said = Object.entries(wish).filter(([key, value]) => value !== ALL_LESSONS[key as keyof ShelfWish]);
  return new URLSearchParams(said).toString();
}
