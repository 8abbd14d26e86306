/** What the finder's bench measures, to be built as the application builds it: the test runner's imports are slow. */
export { offered } from "@/core/set/finder/candidates";
export { searchRules } from "@/core/set/finder/find-rules";
export { groundOf } from "@/core/set/finder/shading";
export { holdsOf } from "@/core/set/holds";
export { ruleOf } from "@/core/set/rule";
