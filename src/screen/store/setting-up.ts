import { ahead } from "@/kit/later";

/** How a board is set up. A board stands, and is taught, before it is there. */
export const settingUp = ahead(() => import("@/core/lesson/prepare"));
