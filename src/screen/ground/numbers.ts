export { TargetText } from "@/core/surface/cell-key";

export const next = () => import("./rules");
