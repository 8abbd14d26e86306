import { type ReactNode, useId } from "react";

type Props = {
  name: string;
  /** Text beside the name. */
  aside?: string;
  children: ReactNode;
};

/** A part of the pattern page, under its name. */
export function PagePart({ name, aside, children }: Props) {
  const id = useId();
  return (
    <section aria-labelledby={id} className="flex flex-col gap-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h2 id={id} className="font-semibold">
          {name}
        </h2>
        {aside && <p className="text-small text-quiet">{aside}</p>}
      </div>
      {children}
    </section>
  );
}
