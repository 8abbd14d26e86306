import { type Checked, schema } from "../schema";
import { MAX } from "./bounds";

/** How the lessons stand on the shelf: the one last changed or taught first, or by their title or class. */
export const SHELF_ORDERS = ["latest", "title", "class"] as const;
export type ShelfOrder = (typeof SHELF_ORDERS)[number];

export const MAX_FIND = 100;

/** Which lessons are looked for, and in which order. What makes no sense of it is left out: the shelf always shows. */
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

/** A wish as a web address has it; nothing of what is as usual. */
export function wishQuery(wish: ShelfWish): string {
  const said = Object.entries(wish).filter(([key, value]) => value !== ALL_LESSONS[key as keyof ShelfWish]);
  return new URLSearchParams(said).toString();
}
