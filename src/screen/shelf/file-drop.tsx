"use client";

import { FolderOpen } from "lucide-react";
import { useRouter } from "next/navigation";
import { type ReactNode, useState } from "react";
import { useDropzone } from "react-dropzone";
import { Button } from "@/kit/button";
import { later } from "@/kit/later";
import { say } from "@/kit/messages";
import type { FileStanding } from "./file-messages";

const OpenFilesDialog = later(() => import("./open-files-dialog").then((part) => part.OpenFilesDialog));
const UNREACHED =
  "Yellow Stair did not answer, so nothing was opened. Check that it is running, then try again.";

type Props = { children: (openButton: ReactNode) => ReactNode };

/** The shelf takes files with lessons: by a button, or dropped anywhere on it. */
export function FileDrop({ children }: Props) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [asks, setAsks] = useState<{ files: File[]; standing: FileStanding[] } | null>(null);

  const take = async (files: File[]) => {
    if (files.length === 0) return say("Drop lesson files here, or a zip of lessons.");
    setBusy(true);
    try {
      const { sendFiles, openedWords } = await import("./open-files");
      const looked = await sendFiles(files, false);
      if (looked.kind === "refused") return say(looked.message);
      if (looked.kind !== "looked") return;
      // Files that need no decision are opened at once.
      if (looked.files.some(({ standing }) => standing === "differs" || standing === "unreadable")) {
        return setAsks({ files, standing: looked.files });
      }
      const opened = await sendFiles(files, true);
      if (opened.kind === "refused") return say(opened.message);
      if (opened.kind === "opened") say(openedWords(opened));
      router.refresh();
    } catch {
      say(UNREACHED);
    } finally {
      setBusy(false);
    }
  };

  const { getRootProps, getInputProps, isDragActive, open } = useDropzone({
    onDrop: (files) => void take(files),
    noClick: true,
    noKeyboard: true,
  });
  return (
    <div {...getRootProps({ className: "relative min-h-[85dvh]", role: undefined, tabIndex: -1 })}>
      <input {...getInputProps({ "aria-label": "Lesson files" })} />
      {children(
        <Button className="px-5 phone:px-3" disabled={busy} onClick={open}>
          <FolderOpen aria-hidden size={20} /> {busy ? "Opening…" : "Open files"}
        </Button>,
      )}
      {isDragActive && (
        <div className="pointer-events-none absolute -inset-4 z-30 flex items-center justify-center rounded-card border-4 border-dashed border-stair-deep bg-lit/90">
          <p className="text-title font-bold">Drop to open the lessons</p>
        </div>
      )}
      {asks && (
        <OpenFilesDialog
          {...asks}
          onClose={() => {
            setAsks(null);
            router.refresh();
          }}
        />
      )}
    </div>
  );
}
