"use client";

import { Toaster, toast } from "sonner";

/** Where messages appear: high on the screen, clear of the rail that hands are on. */
export function Messages() {
  return (
    <Toaster
      position="top-center"
      offset={64}
      duration={10000}
      toastOptions={{
        unstyled: true,
        classNames: {
          toast:
            "flex w-full items-center gap-4 rounded-button border border-ink bg-ink px-5 py-3 text-white text-base font-medium",
          content: "flex-1",
          actionButton: "h-11 shrink-0 rounded-lg bg-stair px-4 font-semibold text-ink",
        },
      }}
    />
  );
}

/** Says what has happened, in the word of the button that did it, with a way back where there is one. */
export function say(message: string, back?: { label: string; run: () => void }) {
  toast(message, back ? { action: { label: back.label, onClick: back.run } } : {});
}
