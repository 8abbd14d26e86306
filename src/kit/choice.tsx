import type { ComponentProps } from "react";
import { Labelled } from "./labelled";
import { Segments } from "./segments";

/** A few choices in a row under a label. */
export function Choice<T extends string>(props: ComponentProps<typeof Segments<T>> & { shown?: string }) {
  const { shown, ...choices } = props;
  return (
    <Labelled label={shown ?? choices.label}>
      <Segments {...choices} />
    </Labelled>
  );
}
