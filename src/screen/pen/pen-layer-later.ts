"use client";

import { later } from "@/kit/later";

/** The layer that is drawn on, loaded after the board stands. */
export const PenLayer = later(() => import("@/view/pen/pen-layer").then((part) => part.PenLayer));
