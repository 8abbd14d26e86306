"use client";

import { Portal } from "radix-ui";
import { Popper } from "radix-ui/internal";
import { useMemo } from "react";
import type { NamedSign } from "./sign-names";

/** The name of an icon, beside it. It must not get in the way: a screen reader reads the name of the button itself. */
export function SignName({ name, at }: NamedSign) {
  const anchor = useMemo(() => ({ current: { getBoundingClientRect: () => at } }), [at]);
  return (
    <Popper.Root>
      <Popper.Anchor virtualRef={anchor} />
      <Portal.Root aria-hidden className="pointer-events-none">
        <Popper.Content
          side="top"
          sideOffset={8}
          collisionPadding={8}
          data-sign-name
          className="rises pointer-events-none z-60 rounded-button border-2 border-ink bg-board px-3 py-1.5 text-small leading-tight font-semibold text-ink"
        >
          {name}
        </Popper.Content>
      </Portal.Root>
    </Popper.Root>
  );
}
