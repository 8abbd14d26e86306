export { View } from "@/core/views/view";

export const next = () => import("./moves");
