"use client";

import { Check, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { say } from "@/kit/messages";
import { Segments } from "@/kit/segments";
import type { FileChoice, FileStanding } from "./file-messages";
import { openedWords, sendFiles } from "./open-files";

type Props = { files: File[]; standing: FileStanding[]; onClose: () => void };

const CHOICES: readonly { value: FileChoice; label: string }[] = [
  { value: "leave", label: "Leave" },
  { value: "both", label: "Keep both" },
  { value: "replace", label: "Replace" },
];

/** Maximum number of rows in the dialog; the rest are only counted. */
const MAX_ROWS = 60;

/** Lists the files, with the choices for lessons that exist already. */
export function OpenFilesDialog({ files, standing, onClose }: Props) {
  const [choices, setChoices] = useState<Record<number, FileChoice>>({});
  const [busy, setBusy] = useState(false);
  const differing = standing.filter((one) => one.standing === "differs");
  const broken = standing.filter((one) => one.standing === "unreadable");
  const fresh = standing.filter((one) => one.standing === "new");
  const chosen = differing.filter(({ index }) => (choices[index] ?? "leave") !== "leave");
  const count = fresh.length + chosen.length;
  // Those that need a decision come first.
  const rows = [...broken, ...differing, ...fresh, ...standing.filter((one) => one.standing === "same")];

  const openAll = async () => {
    setBusy(true);
    try {
      const answer = await sendFiles(files, true, choices);
      if (answer.kind === "refused") return say(answer.message);
      if (answer.kind === "opened") say(openedWords(answer));
      onClose();
    } catch {
      say("Yellow Stair did not answer. Check that it is running, then try again.");
    } finally {
      setBusy(false);
    }
  };
  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title="Open lessons" size="wide">
      {differing.length > 1 && (
        <div className="mb-4 flex flex-wrap items-center gap-3">
          <span className="mr-auto">{differing.length} lessons are there already.</span>
          {CHOICES.map(({ value, label }) => (
            <Button
              key={value}
              onClick={() => setChoices(Object.fromEntries(differing.map(({ index }) => [index, value])))}
            >
              {label}: all
            </Button>
          ))}
        </div>
      )}
      <ul className="flex flex-col divide-y divide-rule border-y border-rule">
        {rows.slice(0, MAX_ROWS).map(({ index, file, title, standing: is, message }) => (
          <li key={index} className="flex flex-wrap items-center gap-x-4 gap-y-2 py-3">
            {is === "unreadable" ? (
              <TriangleAlert aria-hidden className="shrink-0 text-wrong" />
            ) : (
              <Check aria-hidden className={`shrink-0 ${is === "differs" ? "invisible" : ""}`} />
            )}
            <div className="min-w-60 flex-1">
              <p className="font-bold break-words">{title === "" ? file : title}</p>
              <p className={is === "unreadable" ? "text-wrong" : "text-quiet"}>
                {is === "new" ? "New here." : message}
              </p>
            </div>
            {is === "differs" && (
              <div className="w-full sm:w-[20.625rem]">
                <Segments
                  label={`What to do with ${title}`}
                  value={choices[index] ?? "leave"}
                  onChange={(value) => setChoices({ ...choices, [index]: value })}
                  options={CHOICES}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      {rows.length > MAX_ROWS && <p className="mt-3 text-quiet">And {rows.length - MAX_ROWS} more.</p>}
      <DialogEnd>
        <Button onClick={onClose}>{count === 0 ? "Close" : "Cancel"}</Button>
        {count > 0 && (
          <Button tone="strong" disabled={busy} onClick={() => void openAll()}>
            {count === 1 ? "Open 1 lesson" : `Open ${count} lessons`}
          </Button>
        )}
      </DialogEnd>
    </Dialog>
  );
}
