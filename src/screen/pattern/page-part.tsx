import { type ReactNode, useId } from "react";

/** A part of the pattern page, under its name. */
export function PagePart({ name, children }: { name: string; children: ReactNode }) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="flex flex-col gap-2">
      <h2 id={id} className="font-semibold">
        {name}
      </h2>
      {children}
    </section>
  );
}
