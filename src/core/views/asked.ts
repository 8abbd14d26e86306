import type { KindField } from "./kind";

/** Whether a field is asked for under the current settings. */
export const isAsked = ({ only }: KindField, settings: object): boolean =>
  !only || only.is.includes(String((settings as Readonly<Record<string, unknown>>)[only.part]));

/** The values that a field offers; null if a number or words are typed. */
export function choicesOf(field: KindField): readonly string[] | null {
  if ("switched" in field) return [field.switched.off, field.switched.on];
  const choices = "options" in field ? field.options : "list" in field ? field.list : null;
  return choices?.map(({ value }) => value) ?? null;
}

/**
 * The changes that setting one field to a value entails: that field, and any choice that is then no longer offered,
 * which becomes the last one that is: of bundled sticks there are no thousands.
 */
export function partsSet(
  fields: readonly KindField[],
  settings: object,
  part: string,
  value: unknown,
): object {
  const next: Record<string, unknown> = { ...settings, [part]: value };
  const changed: Record<string, unknown> = { [part]: value };
  for (const field of fields) {
    const choices = choicesOf(field);
    if (!choices || field.part === part || !isAsked(field, next)) continue;
    if (!choices.includes(String(next[field.part]))) changed[field.part] = choices.at(-1);
  }
  return changed;
}
