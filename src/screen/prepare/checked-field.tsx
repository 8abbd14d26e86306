"use client";

import { ungroupDigits } from "@/core/number/group-digits";
import { Field } from "@/kit/field";
import { type DraftRead, useDrafts } from "@/kit/use-drafts";
import { pickBoard, useBoard } from "../store/use-board";

type Props<T> = {
  label: string;
  value: string;
  /** Reads typed text, or returns the message if it cannot be used. */
  read: (typed: string) => DraftRead<T, "field">;
  /** Accepts what was read: shortly after the last key, at Enter, or when the field is left. */
  onTake: (value: T) => void;
  /** What it belongs to. */
  of?: string;
  numeric?: boolean;
  bare?: boolean;
  className?: string;
};

/** One field of the board on show. */
export function CheckedField<T>({ of = "", ...rest }: Props<T>) {
  const board = useBoard((state) => pickBoard(state).id);
  return <OwnField of={`${board} ${of}`} {...rest} />;
}

/** A field that changes nothing until its text can be used, and says why if it cannot. */
export function OwnField<T>(props: Props<T>) {
  const { label, value, read, onTake, of = "", numeric, bare, className } = props;
  const drafts = useDrafts({
    of,
    values: { field: value },
    read: (typed) => read(typed.field ?? value),
    take: onTake,
    ...(numeric ? { plain: ungroupDigits } : {}),
  });
  return (
    <div {...drafts.group} className={className}>
      <DraftField label={label} {...drafts.field("field")} numeric={numeric} bare={bare} />
    </div>
  );
}

type DraftFieldProps = {
  label: string;
  numeric?: boolean | undefined;
  bare?: boolean | undefined;
  className?: string | undefined;
} & ReturnType<ReturnType<typeof useDrafts<string, unknown>>["field"]>;

/** A field of a group of drafts. */
export function DraftField({ numeric = true, bare, className, ...rest }: DraftFieldProps) {
  return (
    <Field
      maxLength={200}
      {...(numeric ? { inputMode: "decimal" as const } : {})}
      {...(bare ? { bare } : {})}
      {...(className ? { className } : {})}
      {...rest}
    />
  );
}

/** Drafts of numbers on the board on show. */
export function useBoardDrafts<P extends string, T>(
  of: string,
  values: Readonly<Record<P, string>>,
  read: (typed: { readonly [part in P]?: string }) => DraftRead<T, P>,
  take: (value: T) => void,
  enter?: () => void,
) {
  const board = useBoard((state) => pickBoard(state).id);
  return useDrafts<P, T>({ of: `${board} ${of}`, values, read, take, plain: ungroupDigits, enter });
}
