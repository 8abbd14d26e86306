import type { CSSProperties, ReactNode } from "react";

type Props = {
  name: string;
  className?: string;
  style?: CSSProperties;
  children: ReactNode;
  disabled?: boolean;
  title?: string;
  tabIndex?: number;
  /** Without it the part is only drawn. */
  onTouch?: (() => void) | undefined;
} & { [data: `data-${string}`]: string | undefined };

/** A part of a drawing that a stage can make touchable; at rest it is only drawn. */
export function Touchable({ name, children, disabled = false, title, tabIndex, onTouch, ...style }: Props) {
  if (!onTouch) {
    return (
      <span role="img" aria-label={name} {...style}>
        {children}
      </span>
    );
  }
  return (
    <button
      type="button"
      aria-label={name}
      disabled={disabled}
      title={title}
      tabIndex={tabIndex}
      // Leave the focus where it is.
      onMouseDown={(event) => event.preventDefault()}
      onClick={onTouch}
      {...style}
    >
      {children}
    </button>
  );
}
