import { clsx } from "clsx";
import type { ComponentProps, ReactNode } from "react";

type Props = Omit<ComponentProps<"button">, "children"> & {
  icon: ReactNode;
  label: string;
  chosen?: boolean;
  /** At which widths it is there, as classes. */
  shown?: string;
};

/**
 * A button of the dark rail: an icon over its word, 64 px high. A touch does not take the keyboard from the stair,
 * so that the space bar goes on climbing.
 */
export function RailButton({ icon, label, chosen, shown = "flex", className, ...rest }: Props) {
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onMouseDown={keepKeyboard}
      className={clsx(
        shown,
        "h-rail w-14 shrink-0 flex-col phone:w-12 low:h-press low:w-12 items-center justify-center gap-1 rounded-button px-0.5 text-small leading-tight font-semibold rail-wide:w-16",
        chosen ? "bg-white text-ink" : "text-rail-text enabled:hover:bg-white/10 enabled:hover:text-white",
        "disabled:cursor-default disabled:text-[#8593aa]",
        className,
      )}
      {...rest}
    >
      {icon}
      <span className="w-min text-center leading-[1.08] low:sr-only">{label}</span>
    </button>
  );
}

/** Prevents a mouse press from moving the focus: the button still works. */
export function keepKeyboard(event: { preventDefault: () => void }) {
  event.preventDefault();
}
