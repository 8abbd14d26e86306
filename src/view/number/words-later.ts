import { later } from "@/kit/later";

/** A number in words: what shows none stands without them. */
export const Words = later(() => import("./words").then((part) => part.Words));
