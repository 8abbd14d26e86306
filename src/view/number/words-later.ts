import { later } from "@/kit/later";

/** A number in words, loaded only by views that show some. */
export const Words = later(() => import("./words").then((part) => part.Words));
