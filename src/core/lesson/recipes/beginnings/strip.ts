import { plainLine, StripSettings } from "../../../surface/line";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe } from "../recipe";
import { END_FIELDS, ENDS } from "./line";

const Fields = z.object({ kind: z.literal("strip"), ...ENDS });
type Inputs = z.infer<typeof Fields>;

function settingsOf({ from, to, interval, divisions }: Inputs): StripSettings {
  const { shape: _, ...settings } = plainLine(from, to, interval, divisions);
  return { ...settings, kind: "strip" };
}

/** A board with a number strip. */
export const strip = recipe<Inputs>({
  kind: "strip",
  schema: Fields.check(makesBoard((inputs: Inputs) => StripSettings(z).safeParse(settingsOf(inputs)))),
  starts: { kind: "strip", from: "0", to: "20", interval: "1", divisions: 1 },
  name: "A strip",
  about: "Numbers in squares, one after the other.",
  fields: END_FIELDS,
  write: (inputs) => ({ title: "Board 1", views: [view(settingsOf(inputs))], steps: [] }),
});
