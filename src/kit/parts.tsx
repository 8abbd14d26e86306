"use client";

import { Tabs as Radix } from "radix-ui";
import { type ReactNode, useEffect, useRef } from "react";
import { focusByHand, focusQuietly } from "./focus-by-hand";

export type Part = { id: string; name: string; content: ReactNode };

type Props = {
  label: string;
  parts: readonly Part[];
  /** The part on show; if not given, the first one, until another is chosen. */
  part?: string;
  onPart?: (id: string) => void;
};

/** Parts of one page, one at a time, so that none of them has to be scrolled to. */
export function Parts({ label, parts, part, onPart }: Props) {
  const tabs = useRef<HTMLDivElement>(null);
  const was = useRef(part);
  useEffect(() => {
    if (was.current === part) return;
    was.current = part;
    // The control that turned the page has gone with it: the focus moves to the name of the new part.
    const turned = setTimeout(() => {
      const tab = tabs.current?.querySelector<HTMLElement>("[data-state=active]");
      if (tab && document.activeElement === document.body) focusQuietly(tab);
    });
    return () => clearTimeout(turned);
  }, [part]);
  if (parts.length === 1) return parts[0]!.content;
  return (
    <Radix.Root
      defaultValue={parts[0]!.id}
      {...(part === undefined ? {} : { value: part })}
      {...(onPart ? { onValueChange: onPart } : {})}
      className="flex flex-col gap-3 short:gap-2"
    >
      <Radix.List ref={tabs} aria-label={label} className="flex flex-wrap border-b border-rule">
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
