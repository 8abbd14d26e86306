import { layLines } from "../flatten/inline";
import { AT_FIRST } from "../flatten/style";
import { MM } from "../units";

/** The texts of a page: their sizes in pixels, and their weights. */
export const TEXT = {
  title: { size: 21, weight: 700 },
  instruction: { size: 14.5, weight: 600 },
  sentence: { size: 14.5, weight: 400 },
} as const;

type Look = { readonly size: number; readonly weight: number };

/** The height of a text on a page, in millimetres: a long one takes several lines. */
export function textHeight(text: string, look: Look, width: number): number {
  const style = { ...AT_FIRST, ...look };
  return layLines([{ kind: "letters", text, look: style }], width * MM, style).height / MM;
}
