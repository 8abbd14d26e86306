import { ChevronDown } from "lucide-react";

export type Option<T extends string> = { readonly value: T; readonly label: string };
type Group<T extends string> = { readonly name: string; readonly options: readonly Option<T>[] };

export type SelectProps<T extends string> = {
  label: string;
  value: T;
  onChange: (value: T) => void;
  /** The options, or named groups of them. */
  options: readonly Option<T>[] | readonly Group<T>[];
  /** Shown while nothing is chosen. */
  placeholder?: string;
};

/** The classes of a closed list. */
export const CLOSED =
  "flex h-press min-w-0 items-center gap-1.5 whitespace-nowrap [&>span:first-child]:truncate rounded-button border border-edge bg-board pr-2.5 pl-3 font-semibold hover:border-ink";

/** The icon that says a list opens here. */
export const OpensSign = () => <ChevronDown aria-hidden size="1.0625rem" className="text-quiet" />;
