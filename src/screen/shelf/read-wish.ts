import { ShelfWish } from "@/core/lesson/shelf-wish";
import * as z from "@/core/zod";

/** Reads a search of the shelf from a web address. */
export const wishIn = (search: string): ShelfWish =>
  ShelfWish(z).parse(Object.fromEntries(new URLSearchParams(search)));
