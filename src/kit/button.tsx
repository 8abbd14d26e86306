"use client";

import { clsx } from "clsx";
import type { ComponentProps } from "react";
import { useSingleTap } from "./use-single-tap";

const TONES = {
  strong: "bg-ink text-board hover:bg-ink/88 disabled:bg-quiet",
  plain:
    "border border-edge bg-board text-ink hover:border-ink disabled:text-quiet disabled:hover:border-rule",
  quiet: "text-ink hover:bg-ink/8",
  stair: "bg-stair text-ink hover:bg-[#f5bd12]",
  danger: "border border-wrong bg-board text-wrong hover:bg-wrong hover:text-board",
} as const;

export type ButtonTone = keyof typeof TONES;

type Props = ComponentProps<"button"> & {
  tone?: ButtonTone;
  /** In place of `onClick`: what it does, and undoes when it is pressed again. */
  turn?: () => void;
};

/** A button with words that say what happens. */
export const Button = ({ tone = "plain", className, ...rest }: Props) => (
  <Pressed
    className={clsx(
      "inline-flex h-press shrink-0 items-center justify-center gap-2 rounded-button px-4 font-semibold whitespace-nowrap disabled:cursor-not-allowed",
      TONES[tone],
      className,
    )}
    {...rest}
  />
);

/** A square button with an icon; its name is for screen readers. */
export const IconButton = ({
  name,
  tone = "quiet",
  className,
  ...rest
}: Omit<Props, "name"> & { name: string }) => (
  <Pressed
    aria-label={name}
    className={clsx(
      "inline-flex size-press shrink-0 items-center justify-center rounded-button disabled:opacity-40",
      TONES[tone],
      className,
    )}
    {...rest}
  />
);

const Pressed = ({ turn, ...rest }: Omit<Props, "tone">) =>
  turn ? <TurnButton {...rest} onClick={turn} /> : <button type="button" {...rest} />;

/** A button that undoes what it did when it is pressed again: a double tap, a double click or a held key does it once. */
export function TurnButton({
  onClick,
  onPointerDown,
  onKeyDown,
  ...rest
}: Omit<ComponentProps<"button">, "onClick"> & { onClick: () => void }) {
  const tap = useSingleTap(onClick, "every hand");
  return (
    <button
      type="button"
      {...rest}
      onPointerDown={(event) => {
        tap.onPointerDown(event);
        onPointerDown?.(event);
      }}
      onKeyDown={(event) => {
        tap.onKeyDown(event);
        onKeyDown?.(event);
      }}
      onClick={tap.onClick}
    />
  );
}
