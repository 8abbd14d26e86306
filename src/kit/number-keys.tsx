import { Delete } from "lucide-react";
import type { ReactNode } from "react";
import { keepKeyboard } from "./rail-button";

const KEYS = ["1", "2", "3", "4", "5", "6", "7", "8", "9", "−", "0", "back", ".", "/"] as const;
const NAMES: Record<string, string> = {
  "−": "Minus",
  back: "Rub out the last digit",
  ".": "Point",
  "/": "Over",
};

type Props = {
  onKey: (key: string) => void;
  /** In few rows, for a wide and low room; in a panel of that shape they are laid out so anyway. */
  wide?: boolean;
  children: ReactNode;
};

/**
 * The keys for typing a number, large enough for fingers, and the one that enters it. "back" deletes the last
 * character.
 */
export function NumberKeys({ onKey, wide = false, children }: Props) {
  return (
    <div
      data-keypad
      className={`grid gap-2 ${wide ? "grid-cols-5" : "grid-cols-3 @min-[35rem]:grid-cols-5"}`}
    >
      {KEYS.map((key) => (
        <button
          key={key}
          type="button"
          aria-label={NAMES[key] ?? key}
          onMouseDown={keepKeyboard}
          onClick={() => onKey(key)}
          className="flex h-[clamp(2.75rem,6vh,4rem)] @min-[35rem]:h-touch items-center justify-center rounded-button border border-edge bg-mist font-numeral text-title font-bold hover:border-ink"
        >
          {key === "back" ? <Delete aria-hidden size="1.625rem" /> : key}
        </button>
      ))}
      {children}
    </div>
  );
}
