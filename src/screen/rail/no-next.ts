import { ahead, having } from "@/kit/later";
import { settingUp } from "../store/setting-up";

/** The message when no number comes next, loaded after the board stands. */
export const noNext = ahead(having([settingUp], () => import("./tell-no-next")));
