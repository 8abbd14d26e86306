"use client";

import { Button } from "@/kit/button";
import { Notice } from "@/screen/notice";

export default function ErrorPage({ reset }: { reset: () => void }) {
  return (
    <Notice
      title="Something went wrong here"
      more={
        <Button tone="stair" className="h-press px-6" onClick={reset}>
          Try again
        </Button>
      }
    >
      The lessons are as they were last saved, and what was not saved yet is kept in this browser.
    </Notice>
  );
}
