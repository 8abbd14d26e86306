import * as z from "@/core/zod";

const side = z.int().check(z.minimum(200), z.maximum(10_000));

/** How a window is seen: its size in pixels, and whether it is set for the back of the room. */
export const Seen = z.object({ width: side, height: side, strong: z.boolean() });
export type Seen = z.infer<typeof Seen>;

const USUAL: Seen = { width: 1280, height: 800, strong: false };
const PHONE: Seen = { width: 412, height: 823, strong: false };

/** Reads the cookie; if there is none, or an unreadable one, the usual window of such a browser. */
export function readSeen(cookie: string | undefined, browser: string): Seen {
  const [width, height, strong] = (cookie ?? "").split("x");
  const read = Seen.safeParse({ width: Number(width), height: Number(height), strong: strong === "1" });
  if (read.success) return read.data;
  // How browsers on phones identify themselves.
  return browser.includes("Mobi") ? PHONE : USUAL;
}
