"use client";

import { useEffect, useState } from "react";
import { pageSize } from "@/core/sheet/page-size";
import type { Sheet } from "@/core/sheet/sheet";
import { Button } from "@/kit/button";
import { askSheet } from "./sheet-door";

/** A sheet changes often while it is set up: its pages are made again once nothing has changed for this long. */
const STILL_MS = 450;

/** The previewed PDFs: the pages for pupils, and those with the answers, which were asked for or not. */
type Seen = { pages: string; answers: string | null; answered: boolean } | { message: string };

/**
 * The first copy of a sheet as its PDF, and beside it its answers. In class the answers are made only when asked for:
 * what stands on the display is seen.
 */
export function SheetPreview({ sheet, inClass }: { sheet: Sheet; inClass: boolean }) {
  const [wanted, setWanted] = useState(!inClass);
  const [seen, setSeen] = useState<Seen | null>(null);
  const [busy, setBusy] = useState(true);
  const answered = sheet.answers && wanted;
  useEffect(() => {
    const asked = new AbortController();
    const addresses: string[] = [];
    const addressOf = (pdf: Blob) => {
      addresses.push(URL.createObjectURL(pdf));
      return addresses.at(-1)!;
    };
    setBusy(true);
    const look = async () => {
      try {
        const made = [
          askSheet(sheet, 1, "pupils", asked.signal),
          answered ? askSheet(sheet, 1, "answers", asked.signal) : null,
        ];
        const [pupils, answers] = await Promise.all(made);
        if (asked.signal.aborted || !pupils) return;
        setSeen({ pages: addressOf(pupils), answers: answers ? addressOf(answers) : null, answered });
      } catch {
        if (asked.signal.aborted) return;
        setSeen({ message: "The sheet could not be made. Check that Yellow Stair is running." });
      }
      setBusy(false);
    };
    const timer = setTimeout(() => void look(), STILL_MS);
    return () => {
      clearTimeout(timer);
      asked.abort();
      // Release a PDF once another one replaces it.
      setTimeout(() => addresses.forEach((address) => void URL.revokeObjectURL(address)), 60_000);
    };
  }, [sheet, answered]);
  // A frame has the shape of its page: the viewer fills what is left over with a dark ground.
  const { width, height } = pageSize(sheet);
  const lying = sheet.way === "lying";
  const frame = {
    className: "max-w-full rounded-button border border-rule bg-board",
    style: {
      aspectRatio: `${width} / ${height}`,
      width: lying
        ? `min(100cqw, calc((50cqh - 6px) * ${width / height}))`
        : `min(50cqw - 6px, calc(100cqh * ${width / height}))`,
    },
  };
  return (
    <div className="relative min-h-0 min-w-0 flex-1 overflow-hidden rounded-card border border-rule bg-mist">
      {seen && "message" in seen && <p className="p-8 text-large text-wrong">{seen.message}</p>}
      {seen && "pages" in seen && (
        <div
          className={`absolute inset-3 flex items-center justify-center gap-3 [container-type:size] ${lying ? "flex-col" : ""}`}
        >
          <iframe
            key={seen.pages}
            title="The sheet as it will be printed"
            src={`${seen.pages}#toolbar=0&navpanes=0&view=Fit`}
            {...frame}
          />
          {seen.answers && (
            <iframe
              key={seen.answers}
              title="Its answers"
              src={`${seen.answers}#toolbar=0&navpanes=0&view=Fit`}
              {...frame}
            />
          )}
          {sheet.answers && !seen.answers && (
            <div
              {...frame}
              className="flex items-center justify-center rounded-button border border-dashed border-quiet p-4 text-center"
            >
              {!wanted && <Button onClick={() => setWanted(true)}>Show its answers</Button>}
              {wanted && seen.answered && (
                <p className="text-quiet">Nothing here has an answer, so no page with answers is added.</p>
              )}
            </div>
          )}
        </div>
      )}
      <p
        role="status"
        className={`absolute top-3 left-3 rounded-button bg-ink px-3 py-1.5 font-semibold text-board ${busy ? "" : "sr-only"}`}
      >
        {busy ? "Drawing the page…" : "The page is drawn."}
      </p>
    </div>
  );
}
