"use client";

import type { CSSProperties } from "react";
import { Toaster, toast } from "sonner";

/** Where messages appear: over the title, where nothing is read in class and nothing is pressed; one at a time. */
export function MessageList() {
  return (
    <Toaster
      position="top-left"
      offset={{ top: 6, left: 60 }}
      mobileOffset={{ top: 6, left: 8, right: 8 }}
      visibleToasts={1}
      duration={10000}
      style={{ fontFamily: "inherit", "--width": "min(560px, calc(100vw - 76px))" } as CSSProperties}
      toastOptions={{
        unstyled: true,
        classNames: {
          toast:
            "flex min-h-press w-full items-center gap-4 rounded-button border border-rail-line bg-rail py-0.5 pr-1 pl-4 text-base leading-snug font-medium text-white",
          content: "flex-1",
          actionButton: "h-press shrink-0 rounded-button bg-stair px-4 font-semibold text-ink",
        },
      }}
    />
  );
}

/** Shows a message, with a way back where there is one. */
export function show(message: string, back?: { label: string; run: () => void }) {
  toast(message, back ? { action: { label: back.label, onClick: back.run } } : {});
}
