import { BusyAs } from "@/kit/busy";
import { having, later } from "@/kit/later";
import { LEAST } from "../board/side";
import { following } from "./following";

/** The arrow panel, loaded together with the arrow actions. */
export const ArrowPanel = later(
  having([following], () => import("./arrow-panel").then((part) => part.ArrowPanel)),
  () => BusyAs({ least: LEAST.arrows }),
);
