import type { ReactNode } from "react";
import { keepKeyboard } from "@/kit/rail-button";

type Props = { name: string; onClick: () => void; disabled?: boolean; children: ReactNode };

/** A quiet icon button beside what it moves. */
export function Small({ name, onClick, disabled = false, children }: Props) {
  return (
    <button
      type="button"
      aria-label={name}
      disabled={disabled}
      onMouseDown={keepKeyboard}
      onClick={onClick}
      className="flex h-press w-14 items-center justify-center rounded-button text-quiet enabled:hover:bg-wall enabled:hover:text-ink disabled:opacity-35"
    >
      {children}
    </button>
  );
}
