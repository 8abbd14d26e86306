"use client";

import { Tabs as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { focusByHand } from "./focus-by-hand";

export type Part = { id: string; name: string; content: ReactNode };

/** Parts of one page, one at a time, so that none of them has to be scrolled to. */
export function Parts({ label, parts }: { label: string; parts: readonly Part[] }) {
  if (parts.length === 1) return parts[0]!.content;
  return (
    <Radix.Root defaultValue={parts[0]!.id} className="flex flex-col gap-3 short:gap-2">
      <Radix.List aria-label={label} className="flex border-b border-rule">
        {parts.map(({ id, name }) => (
          <Radix.Trigger
            key={id}
            value={id}
            onMouseDown={focusByHand}
            className="focus-close -mb-px h-press grow border-b-3 border-transparent px-1 text-small font-semibold text-quiet hover:text-ink data-[state=active]:border-ink data-[state=active]:text-ink"
          >
            {name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {parts.map(({ id, content }) => (
        <Radix.Content key={id} value={id} className="flex flex-col gap-3 short:gap-2">
          {content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
