import { ahead } from "@/kit/later";

/** The actions that set up a board, loaded after the board stands. */
export const settingUp = ahead(() => import("@/core/lesson/prepare"));
