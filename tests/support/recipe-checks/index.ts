import type { RecipeName } from "@/core/lesson/recipes/any";
import { ON_CHARTS } from "./charts";
import type { Check } from "./check";
import { ON_LINES_AND_IN_PIECES } from "./lines-and-pieces";

/** What each recipe says, worked out once more by another way. */
export const CHECKS: { [K in RecipeName]: Check<K> } = { ...ON_CHARTS, ...ON_LINES_AND_IN_PIECES };
