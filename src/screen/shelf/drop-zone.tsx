"use client";

import { useLayoutEffect } from "react";
import { type DropzoneState, useDropzone } from "react-dropzone";

/** What the element needs that files are dropped on, and whether some are held over it. */
export type Zone = { root: ReturnType<DropzoneState["getRootProps"]>; isOver: boolean };

type Props = { onFiles: (files: File[]) => void; onZone: (zone: Zone) => void };

/** Makes an element of the shelf one that files can be dropped on. It draws nothing itself. */
export function DropZone({ onFiles, onZone }: Props) {
  const { getRootProps, isDragActive } = useDropzone({ onDrop: onFiles, noClick: true, noKeyboard: true });
  useLayoutEffect(
    () => onZone({ root: getRootProps({ role: undefined }), isOver: isDragActive }),
    [getRootProps, isDragActive, onZone],
  );
  return null;
}
