"use client";

import { clsx } from "clsx";
import { Tabs as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { focusByHand } from "./focus-by-hand";

type Props<Id extends string> = {
  label: string;
  pages: readonly { id: Id; name: string; content: ReactNode }[];
  /** The page on show; if not given, the first one, until another is chosen. */
  page?: Id;
  onPage?: (id: Id) => void;
};

/** Pages of settings, one at a time. */
export function Tabs<Id extends string>({ label, pages, page, onPage }: Props<Id>) {
  return (
    <Radix.Root
      className="@container flex min-h-0 flex-1 flex-col"
      defaultValue={pages[0]!.id}
      {...(page === undefined ? {} : { value: page })}
      {...(onPage ? { onValueChange: (id: string) => onPage(id as Id) } : {})}
    >
      <Radix.List
        aria-label={label}
        className={clsx(
          "shrink-0 gap-1 rounded-button bg-wall p-1",
          // Many are in rows of four, so that one more moves none of the others.
          pages.length > 5
            ? "grid grid-cols-4 low:flex low:flex-wrap low:gap-0.5 @min-[35rem]:flex"
            : "flex flex-wrap",
        )}
      >
        {pages.map(({ id, name }) => (
          <Radix.Trigger
            key={id}
            value={id}
            onMouseDown={focusByHand}
            className={clsx(
              "focus-close h-press grow rounded-button px-1 low:px-0 text-small leading-tight font-semibold text-quiet hover:text-ink data-[state=active]:bg-board data-[state=active]:text-ink data-[state=active]:ring-1 data-[state=active]:ring-rule",
              // Five in a narrow panel are three and two, not four and one.
              pages.length === 5 && "basis-[30%] @min-[35rem]:basis-0",
            )}
          >
            {name}
          </Radix.Trigger>
        ))}
      </Radix.List>
      {pages.map(({ id, content }) => (
        <Radix.Content
          key={id}
          value={id}
          className="-mx-1 min-h-0 flex-1 scroll-pb-16 overflow-y-auto px-1 pt-3 pb-1"
        >
          {content}
        </Radix.Content>
      ))}
    </Radix.Root>
  );
}
