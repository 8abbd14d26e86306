"use client";

import { later } from "@/kit/later";

/** What lies over a view while the teacher points. It comes with the first class screen. */
export const PointLayer = later(() => import("./point-layer").then((part) => part.PointLayer));
