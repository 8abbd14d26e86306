"use client";

import { Busy } from "@/kit/busy";
import { later } from "@/kit/later";

/** What a shading has in common; fetched when it is first asked for. */
export const PatternPage = later(() => import("./pattern-page").then((part) => part.PatternPage), Busy);
