"use client";

import { FolderOpen } from "lucide-react";
import { useRouter } from "next/navigation";
import { type DragEvent, type ReactNode, useCallback, useRef, useState } from "react";
import { Button } from "@/kit/button";
import { later } from "@/kit/later";
import { say } from "@/kit/messages";
import type { Zone } from "./drop-zone";
import type { FileStanding } from "./file-messages";

const OpenFilesDialog = later(() => import("./open-files-dialog").then((part) => part.OpenFilesDialog));
/** Files are hardly ever dropped on the shelf in its first seconds: what takes them comes after the lessons. */
export const DropZone = later(
  () => import("./drop-zone").then((part) => part.DropZone),
  undefined,
  "when brought",
);
const UNREACHED =
  "Yellow Stair did not answer, so nothing was opened. Check that it is running, then try again.";

type Props = { children: (openButton: ReactNode) => ReactNode };

/** The shelf takes files with lessons: by a button, or dropped anywhere on it. */
export function FileDrop({ children }: Props) {
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [asks, setAsks] = useState<{ files: File[]; standing: FileStanding[] } | null>(null);

  const take = useCallback(
    async (files: File[]) => {
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
    },
    [router],
  );

  const [zone, setZone] = useState<Zone | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const early = (event: DragEvent) => {
    if (!event.dataTransfer.types.includes("Files")) return;
    // Otherwise the browser would show the file in place of the shelf.
    event.preventDefault();
    void DropZone.bring();
    if (event.type === "drop") void take([...event.dataTransfer.files]);
  };
  return (
    <div
      {...(zone?.root ?? { onDragEnter: early, onDragOver: early, onDrop: early })}
      tabIndex={-1}
      className="relative min-h-[85dvh]"
    >
      <input
        ref={chooser}
        type="file"
        multiple
        hidden
        aria-label="Lesson files"
        onChange={({ target }) => {
          const files = [...(target.files ?? [])];
          // The same file can be chosen again.
          target.value = "";
          if (files.length > 0) void take(files);
        }}
      />
      <DropZone onFiles={take} onZone={setZone} />
      {children(
        <Button className="px-5 phone:px-3" disabled={busy} onClick={() => chooser.current?.click()}>
          <FolderOpen aria-hidden size={20} /> {busy ? "Opening…" : "Open files"}
        </Button>,
      )}
      {zone?.isOver && (
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
