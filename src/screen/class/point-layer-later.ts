"use client";

import { later } from "@/kit/later";

/** The layer over a view while the teacher points, loaded with the first class screen. */
export const PointLayer = later(() => import("./point-layer").then((part) => part.PointLayer));
