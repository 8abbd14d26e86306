"use client";

import { later } from "@/kit/later";

/** The layer that is drawn on: a board stands before it is there. */
export const PenLayer = later(() => import("@/view/pen/pen-layer").then((part) => part.PenLayer));
