import { ahead } from "@/kit/later";

/** The acts of the writing tool, loaded after the board stands. */
export const filling = ahead(() => import("./fill-actions"));
