import { clsx } from "clsx";
import { type ComponentProps, useId } from "react";

type Own = {
  label: string;
  hint?: string;
  message?: string | undefined;
  /** In the middle of a sentence: its label is for screen readers only. */
  bare?: boolean;
};

const BOX = "w-full rounded-button border bg-board px-4 text-ink";

/** A field for one line of text or a number, with its message beside it. */
export function Field({ label, hint, message, bare, className, ...rest }: ComponentProps<"input"> & Own) {
  const id = useId();
  return (
    <div className={bare && message ? "w-full" : className}>
      {!bare && <FieldLabel id={id} label={label} hint={hint} />}
      <input
        id={id}
        aria-label={bare ? label : undefined}
        aria-invalid={message ? true : undefined}
        aria-describedby={message ? `${id}-message` : undefined}
        autoComplete="off"
        className={clsx(
          BOX,
          "h-press font-semibold",
          bare && "px-2.5 text-center",
          message ? "border-wrong" : "border-edge",
        )}
        {...rest}
      />
      <FieldMessage id={id} message={message} />
    </div>
  );
}

/** A field for a few lines. */
export function TextField({ label, hint, message, className, ...rest }: ComponentProps<"textarea"> & Own) {
  const id = useId();
  return (
    <div className={className}>
      <FieldLabel id={id} label={label} hint={hint} />
      <textarea
        id={id}
        rows={2}
        aria-invalid={message ? true : undefined}
        aria-describedby={message ? `${id}-message` : undefined}
        className={clsx(BOX, "resize-none py-2.5", message ? "border-wrong" : "border-edge")}
        {...rest}
      />
      <FieldMessage id={id} message={message} />
    </div>
  );
}

function FieldLabel({ id, label, hint }: { id: string; label: string; hint?: string | undefined }) {
  return (
    <label htmlFor={id} className="mb-1.5 flex items-baseline gap-2 text-small font-semibold text-ink">
      {label}
      {hint && <span className="font-normal text-quiet">{hint}</span>}
    </label>
  );
}

function FieldMessage({ id, message }: { id: string; message: string | undefined }) {
  return (
    <p id={`${id}-message`} aria-live="polite" className="text-small font-medium text-wrong">
      {message && <span className="block pt-1.5">{message}</span>}
    </p>
  );
}
