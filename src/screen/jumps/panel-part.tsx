import type { ReactNode } from "react";

/** A part of the jump panel, under its own heading. */
export function Part({
  title,
  beside,
  children,
}: {
  title: string;
  beside?: ReactNode;
  children: ReactNode;
}) {
  return (
    <div className="flex flex-col gap-2.5 border-t border-rule pt-3.5">
      <div className="flex min-h-6 items-center justify-between gap-2">
        <h2 className="font-semibold">{title}</h2>
        {beside}
      </div>
      {children}
    </div>
  );
}
