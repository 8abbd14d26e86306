"use client";

import { useRouter } from "next/navigation";
import { say } from "@/kit/messages";
import { keepDrafts } from "@/kit/open-drafts";
import { isAnswering } from "./save-door";
import type { useSaver } from "./use-saver";

type Saver = Pick<ReturnType<typeof useSaver>, "flush" | "standing">;

/** Going back to the shelf, and waiting for unsaved work. */
export function useLeaving(saver: Saver) {
  const router = useRouter();
  /** Whether everything is saved, waiting a little if necessary. */
  const saveFirst = async () => {
    keepDrafts();
    await saver.flush();
    for (let tries = 0; saver.standing().unsaved && tries < 50; tries += 1) {
      await new Promise((later) => setTimeout(later, 100));
    }
    return !saver.standing().unsaved;
  };
  const leave = async () => {
    keepDrafts();
    void saver.flush();
    if (await isAnswering()) return router.push("/");
    const { unsaved: isUnsaved, kept } = saver.standing();
    say(
      !isUnsaved
        ? "Yellow Stair does not answer just now. Everything is saved; go back to the lessons once it is running."
        : kept
          ? "Yellow Stair does not answer just now. Your work is kept in this browser and is saved once it is running."
          : "Yellow Stair does not answer just now, and this browser cannot keep your work. Leave this page open.",
    );
  };
  return { saveFirst, leave };
}
