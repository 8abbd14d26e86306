"use client";

import { X } from "lucide-react";
import { Dialog as Radix } from "radix-ui";
import type { ReactNode } from "react";
import { IconButton } from "./button";
import { useSecondPress } from "./use-second-press";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description?: string;
  /** Wide for a few columns; large for a choice of many with what each makes, as high as the window. */
  size?: "small" | "wide" | "large";
  children: ReactNode;
};

const SIZES = {
  small: "max-w-lg p-7",
  wide: "max-w-3xl p-7",
  large: "flex h-[94dvh] max-w-[77.5rem] flex-col p-6",
} as const;

/** A window over the page that asks for one thing. */
export function Dialog({ open, onOpenChange, title, description, size = "small", children }: Props) {
  useSecondPress();
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay data-part="overlay" className="fixed inset-0 z-40 bg-rail/55" />
        <Radix.Content
          aria-describedby={description ? undefined : ""}
          className={`rises fixed top-1/2 left-1/2 z-50 max-h-[92dvh] w-[calc(100vw-2rem)] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-card bg-board wrap-break-word ${SIZES[size]}`}
        >
          <div className={size === "large" ? "mb-4 pr-12" : "mb-5 pr-12"}>
            <Radix.Title className="text-title font-bold">{title}</Radix.Title>
            {description && <Radix.Description className="mt-1 text-quiet">{description}</Radix.Description>}
          </div>
          {children}
          {/* Last, so that the keyboard focus starts at what the dialog asks for. */}
          <Radix.Close asChild>
            <IconButton name="Close" className="absolute top-5 right-5">
              <X aria-hidden />
            </IconButton>
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

/** The row of buttons that ends a dialog; `close` to what stands above it. */
export function DialogEnd({ close = false, children }: { close?: boolean; children: ReactNode }) {
  return <div className={`flex flex-wrap justify-end gap-3 ${close ? "mt-3" : "mt-6"}`}>{children}</div>;
}

/** A window that takes the whole page, with its own head. */
export function WholeDialog({
  title,
  onClose,
  head,
  children,
}: {
  title: string;
  onClose: () => void;
  head: ReactNode;
  children: ReactNode;
}) {
  useSecondPress();
  return (
    <Radix.Root open onOpenChange={(open) => !open && onClose()}>
      <Radix.Portal>
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-0 z-40 flex flex-col bg-wall wrap-break-word"
        >
          <div className="flex min-h-[4.75rem] shrink-0 flex-wrap items-center gap-3 px-5 py-2.5">
            <Radix.Close asChild>
              <IconButton name="Close">
                <X aria-hidden />
              </IconButton>
            </Radix.Close>
            <Radix.Title className="min-w-0 text-large font-bold">{title}</Radix.Title>
            {head}
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
