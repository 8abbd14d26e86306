import { ahead } from "@/kit/later";

/** What arrows do. A board stands before it is there. */
export const following = ahead(() => import("./arrow-actions"));
