import { clsx } from "clsx";
import type { ComponentProps } from "react";

const TONES = {
  strong: "bg-ink text-board hover:bg-ink/88 disabled:bg-quiet",
  plain:
    "border border-edge bg-board text-ink hover:border-ink disabled:text-quiet disabled:hover:border-rule",
  quiet: "text-ink hover:bg-ink/8",
  stair: "bg-stair text-ink hover:bg-[#f5bd12]",
  danger: "border border-wrong bg-board text-wrong hover:bg-wrong hover:text-board",
} as const;

export type ButtonTone = keyof typeof TONES;

/** A button with words that say what happens. */
export function Button({
  tone = "plain",
  className,
  ...rest
}: ComponentProps<"button"> & { tone?: ButtonTone }) {
  return (
    <button
      type="button"
      className={clsx(
        "inline-flex h-press shrink-0 items-center justify-center gap-2 rounded-button px-4 font-semibold whitespace-nowrap disabled:cursor-not-allowed",
        TONES[tone],
        className,
      )}
      {...rest}
    />
  );
}

/** A square button with an icon; its name is for screen readers. */
export function IconButton({
  name,
  tone = "quiet",
  className,
  ...rest
}: Omit<ComponentProps<"button">, "name"> & { name: string; tone?: ButtonTone }) {
  return (
    <button
      type="button"
      aria-label={name}
      className={clsx(
        "inline-flex size-press shrink-0 items-center justify-center rounded-button disabled:opacity-40",
        TONES[tone],
        className,
      )}
      {...rest}
    />
  );
}
