import { Board } from "@/core/lesson/board";
import * as z from "@/core/zod";

const Shown = z.object({
  id: z.string(),
  revision: z.number(),
  title: z.string(),
  forClass: z.string(),
  labels: z.array(z.string()),
  boards: z.number(),
  /** "taught today, to step 2", or "not taught yet". */
  taught: z.string(),
  /** Of a removed lesson: "goes for good on 3 December". */
  goes: z.string(),
  fault: z.nullable(z.string()),
  picture: z.nullable(Board(z)),
});

/** A page of lessons, and how many there are in all. */
export const ShelfPart = z.object({ total: z.number(), lessons: z.array(Shown) });
export type ShelfPart = z.infer<typeof ShelfPart>;
