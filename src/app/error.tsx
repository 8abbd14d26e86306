"use client";

import { Notice } from "@/screen/notice";

/** It is part of every page, so it imports nothing that the page does not already have. */
export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <Notice
      title="Something went wrong here"
      more={
        <button
          type="button"
          onClick={reset}
          className="flex h-press items-center rounded-button bg-stair px-6 font-semibold text-ink"
        >
          Try again
        </button>
      }
    >
      The lessons are as they were last saved, and what was not saved yet is kept in this browser.
    </Notice>
  );
}
