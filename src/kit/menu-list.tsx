"use client";

import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { openedIn } from "./opened-in";
import { useSecondPress } from "./use-second-press";

/** What opens from the button of a menu. It is loaded when first asked for, and is open then. */
export function MenuList({
  button,
  children,
  align = "end",
}: {
  button: ReactNode;
  children: ReactNode;
  align?: "start" | "center" | "end";
}) {
  useSecondPress();
  return (
    <DropdownMenu.Root modal={false} defaultOpen>
      <DropdownMenu.Trigger asChild>{button}</DropdownMenu.Trigger>
      <DropdownMenu.Portal container={openedIn()}>
        <DropdownMenu.Content
          align={align}
          sideOffset={8}
          collisionPadding={12}
          // A closing message returns the focus to where it was: that must not close a menu opened since.
          onFocusOutside={(event) => event.preventDefault()}
          className="rises z-50 max-h-(--radix-dropdown-menu-content-available-height) min-w-52 overflow-y-auto rounded-card border border-rule bg-board p-1.5 text-ink"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** A separator in the list. */
export const MenuLine = () => <DropdownMenu.Separator className="mx-3 my-1.5 h-px bg-rule" />;

type ItemProps = {
  icon?: ReactNode;
  onSelect: () => void;
  disabled?: boolean;
  className?: string;
  children: ReactNode;
};

export function MenuItem({ icon, onSelect, disabled, className = "", children }: ItemProps) {
  return (
    <DropdownMenu.Item
      onSelect={onSelect}
      disabled={disabled ?? false}
      className={`flex min-h-press cursor-pointer items-center gap-3 rounded-button px-3 font-semibold outline-none data-[disabled]:cursor-default data-[disabled]:text-[#6d7b93] data-[highlighted]:bg-wall data-[highlighted]:shadow-[inset_0_0_0_2px_var(--color-ink)] ${className}`}
    >
      {icon}
      {children}
    </DropdownMenu.Item>
  );
}
