"use client";

import { Tabs as Radix } from "radix-ui";
import type { ReactNode } from "react";

type Props = {
  label: string;
  pages: readonly { id: string; name: string; content: ReactNode }[];
  /** The page on show; without it the first one is, until another is chosen. */
  page?: string;
  onPage?: (id: string) => void;
};

/** Pages of settings, one at a time. */
export function Tabs({ label, pages, page, onPage }: Props) {
  return (
    <Radix.Root
      className="flex min-h-0 flex-1 flex-col"
      defaultValue={pages[0]!.id}
      {...(page === undefined ? {} : { value: page })}
      {...(onPage ? { onValueChange: onPage } : {})}
    >
      <Radix.List
        aria-label={label}
        className={`shrink-0 rounded-button bg-wall p-1 ${pages.length > 6 ? "grid grid-cols-4 gap-1" : pages.length > 5 ? "flex flex-wrap gap-0.5" : "flex flex-wrap gap-1"}`}
      >
        {pages.map(({ id, name }) => (
          <Radix.Trigger
            key={id}
            value={id}
            className={`focus-close h-press grow rounded-button font-semibold ${pages.length === 6 ? "px-0 tracking-[-0.02em]" : "px-1"} text-small text-quiet hover:text-ink data-[state=active]:bg-board data-[state=active]:text-ink data-[state=active]:ring-1 data-[state=active]:ring-rule`}
          >
            {name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {pages.map(({ id, content }) => (
        <Radix.Content key={id} value={id} className="-mx-1 min-h-0 flex-1 overflow-y-auto px-1 pt-4 pb-1">
          {content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
