import { ahead, having } from "@/kit/later";
import { settingUp } from "../store/setting-up";

/** What is said where no number comes next, and offered. A board stands before it is there. */
export const noNext = ahead(having([settingUp], () => import("./tell-no-next")));
