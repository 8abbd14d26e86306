export { Rule } from "@/core/set/rule";

export const next = () => import("./views");
