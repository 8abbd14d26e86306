import { ahead } from "@/kit/later";

/** The arrow actions, loaded after the board stands. */
export const following = ahead(() => import("./arrow-actions"));
