import { ShelfWish } from "@/core/lesson/shelf-wish";
import * as z from "@/core/zod";

/** What is looked for, as a web address has it. */
export const wishIn = (search: string): ShelfWish =>
  ShelfWish(z).parse(Object.fromEntries(new URLSearchParams(search)));
