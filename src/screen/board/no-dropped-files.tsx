"use client";

import { say } from "@/kit/messages";
import { useNoDroppedFiles } from "@/kit/use-no-dropped-files";

const tellWhereFilesOpen = () => say("To open lesson files, drop them on the page of all lessons.");

/** A file that is dropped on the board does not take its place. */
export function NoDroppedFiles() {
  useNoDroppedFiles(tellWhereFilesOpen);
  return null;
}
