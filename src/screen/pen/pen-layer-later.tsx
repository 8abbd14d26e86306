"use client";

import dynamic from "next/dynamic";
import { patient } from "@/kit/patient";

/** Brings the layer that is drawn on: a board stands before it is there. */
export const penLayer = patient(() => import("@/view/pen/pen-layer").then((part) => part.PenLayer));
export const PenLayer = dynamic(penLayer, { ssr: false });
