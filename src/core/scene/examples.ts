import type { Move } from "./move";
import { type NumberMove, OF_NUMBERS } from "./own";
import type { Some } from "./slice";
import { asideExamples } from "./slices/aside";
import { buildingExamples } from "./slices/building";
import { drawingExamples } from "./slices/drawing";
import { someView } from "./slices/examples";
import { fillingExamples } from "./slices/filling";
import { framingExamples } from "./slices/framing";
import { groupingExamples } from "./slices/grouping";
import { guessingExamples } from "./slices/guessing";
import { layingExamples } from "./slices/laying";
import { orderingExamples } from "./slices/ordering";
import { partsExamples } from "./slices/parts";
import { sayingExamples } from "./slices/saying";
import { settingExamples } from "./slices/setting";
import { signsExamples } from "./slices/signs";
import { sortingExamples } from "./slices/sorting";
import { symmetryExamples } from "./slices/symmetry";
import { talkExamples } from "./slices/talk";
import { onTrailExamples } from "./slices/trail";
import { windowsExamples } from "./slices/windows";
import { workingExamples } from "./slices/working";

type Examples<M extends Move> = {
  readonly [name in M["do"]]: (some: Some) => Omit<Extract<M, { do: name }>, "do">;
};

/** An example of each move of the slices. One that is missing does not compile. */
const OF_SLICES: Examples<Exclude<Move, { do: "within" }>> = {
  ...layingExamples,
  ...fillingExamples,
  ...talkExamples,
  ...onTrailExamples,
  ...asideExamples,
  ...signsExamples,
  ...partsExamples,
  ...buildingExamples,
  ...orderingExamples,
  ...framingExamples,
  ...groupingExamples,
  ...guessingExamples,
  ...symmetryExamples,
  ...sayingExamples,
  ...sortingExamples,
  ...windowsExamples,
  ...workingExamples,
  ...drawingExamples,
  ...settingExamples,
};
const NAMES_OF_NUMBERS = OF_NUMBERS.flatMap(({ moves }) => moves.map((kind) => kind.do));

/** A move of this name, for the tests. */
const made = <M extends Move>(examples: Examples<M>, name: M["do"], some: Some): M =>
  ({ do: name, ...examples[name](some) }) as unknown as M;

const EXAMPLES: Examples<Move> = {
  ...OF_SLICES,
  within: (some) => ({
    view: someView(some),
    moves: some.list(() => made(OF_SLICES, some.one(NAMES_OF_NUMBERS), some) as NumberMove, 1, 3),
  }),
};

/** An example of a move of this name. */
export const exampleOf = (name: Move["do"], some: Some): Move => made(EXAMPLES, name, some);
