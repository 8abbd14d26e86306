import { Busy } from "@/kit/busy";
import { having, later } from "@/kit/later";
import { following } from "./following";

/** The panel of arrows, which comes together with what arrows do. */
export const ArrowPanel = later(
  having([following], () => import("./arrow-panel").then((part) => part.ArrowPanel)),
  Busy,
);
