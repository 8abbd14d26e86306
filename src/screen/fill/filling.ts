import { ahead } from "@/kit/later";

/** What is done with the writing tool. A board stands before it is there. */
export const filling = ahead(() => import("./fill-actions"));
