"use client";

import { Busy } from "@/kit/busy";
import { later } from "@/kit/later";

/** The pattern page, loaded when it is first opened. */
export const PatternPage = later(() => import("./pattern-page").then((part) => part.PatternPage), Busy);
