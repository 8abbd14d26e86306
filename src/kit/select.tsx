"use client";

import { CLOSED, OpensSign, type SelectProps } from "./closed-select";
import { later } from "./later";
import { useOpener } from "./opener";

const List = later(() => import("./select-list").then((part) => part.SelectList));

/** Loads what lists open with. */
export const bringSelects = () => List.bring();

/** One of a list, chosen in the middle of a sentence. */
export function Select<T extends string>(props: SelectProps<T>) {
  const { label, value, onChange, options, placeholder } = props;
  const all = options.flatMap((option) => ("options" in option ? option.options : [option]));
  const chosen = all.find((option) => option.value === value)?.label ?? placeholder;
  const { asked, alone } = useOpener(
    <button type="button" role="combobox" aria-expanded={false} aria-label={label} className={CLOSED}>
      <span>{chosen}</span>
      <OpensSign />
    </button>,
    "listbox",
    [List],
  );
  // Only values of the options are ever chosen.
  return asked ? <List {...props} onChange={(next) => onChange(next as T)} /> : alone;
}
