import type { Arrow } from "../../count/route";
import type { Beat } from "../../scene/move";
import { HUNDRED_CHART } from "../../surface/chart";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { asking, COUNT_PANEL, cover, focus, lift, many, say, start, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("follow-the-arrows"),
  start: whole(1, 100),
  rows: whole(0, 9),
  rowsGo: z.enum(["down", "up"]),
  squares: whole(0, 9),
  squaresGo: z.enum(["right", "left"]),
});
type Inputs = z.infer<typeof Fields>;

const signed = ({ rows, rowsGo, squares, squaresGo }: Inputs) => ({
  down: rowsGo === "down" ? rows : -rows,
  right: squaresGo === "right" ? squares : -squares,
});

/** A route of arrows on the hundred chart, thought first and walked then. */
export const followTheArrows = recipe<Inputs>({
  kind: "follow-the-arrows",
  schema: Fields.check(
    makesStair((inputs: Inputs) => {
      if (inputs.rows + inputs.squares === 0) return "A route needs an arrow.";
      const { down, right } = signed(inputs);
      const [row, column] = [Math.floor((inputs.start - 1) / 10) + down, ((inputs.start - 1) % 10) + right];
      return row >= 0 && row <= 9 && column >= 0 && column <= 9
        ? null
        : "This route leaves the chart. Start elsewhere, or take fewer arrows.";
    }),
  ),
  starts: { kind: "follow-the-arrows", start: 58, rows: 2, rowsGo: "down", squares: 3, squaresGo: "left" },
  name: "Follow the arrows",
  about: "Arrows are laid beside the chart. Where do they lead, and as which number sentence?",
  fields: [
    { part: "start", label: "Start at", whole: { min: 1, max: 100 } },
    { part: "rows", label: "Rows", whole: { min: 0, max: 9 } },
    {
      part: "rowsGo",
      label: "They go",
      options: [
        { value: "down", label: "Down" },
        { value: "up", label: "Up" },
      ],
    },
    { part: "squares", label: "Squares", whole: { min: 0, max: 9 } },
    {
      part: "squaresGo",
      label: "They go along",
      options: [
        { value: "right", label: "To the right" },
        { value: "left", label: "To the left" },
      ],
    },
  ],
  write(inputs) {
    const { rows, rowsGo, squares, squaresGo } = inputs;
    const { down, right } = signed(inputs);
    const landing = inputs.start + 10 * down + right;
    const arrows: Arrow[] = [...Array<Arrow>(rows).fill(rowsGo), ...Array<Arrow>(squares).fill(squaresGo)];
    const by = (arrow: Arrow) => ({ down: 10, up: -10, right: 1, left: -1 })[arrow];
    const term = (value: number) => (value === 0 ? "" : ` ${value < 0 ? "−" : "+"} ${say(Math.abs(value))}`);
    const sentence = `${say(inputs.start)}${term(10 * down)}${term(right)} = ${say(landing)}`;
    const way = [
      ...(rows > 0 ? [`${many(rows, "row")} ${rowsGo}`] : []),
      ...(squares > 0 ? [`${many(squares, "square")} to the ${squaresGo}`] : []),
    ].join(" and ");
    const total = landing - inputs.start;
    const walk: Beat[] = arrows.map((arrow) => [{ do: "jump", by: String(by(arrow)), arrow }]);
    return {
      title: `A route from ${say(inputs.start)}`,
      views: [view(HUNDRED_CHART), COUNT_PANEL, view({ ...KINDS.arrows.starts, layFirst: true })],
      steps: [
        asking("covered", [landing], {
          title: `From ${say(inputs.start)}`,
          question: `The route goes ${way}. Where does it land?`,
          answer: say(landing),
          beats: [[cover(landing), focus(inputs.start)], [{ do: "lay", arrows }]],
        }),
        asking("covered", [landing], {
          title: "Say it",
          question: "Say the route as a number sentence.",
          answer: sentence,
          beats: [],
        }),
        asking("covered", [landing], {
          title: "Walk",
          question: "We stand on the covered number. Which is it?",
          answer: say(landing),
          beats: [[start(inputs.start)], ...walk],
        }),
        step(
          "Look",
          `Which one jump leads from ${say(inputs.start)} to ${say(landing)}?`,
          `${total < 0 ? "−" : "+"}${say(Math.abs(total))}`,
          [[lift(landing)]],
        ),
      ],
    };
  },
});
