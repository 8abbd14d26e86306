import { useEffect } from "react";

/**
 * A file that is dropped on a board does not take the board's place, as a browser would have it.
 * @param tell says where files are opened
 */
export function useNoDroppedFiles(tell: () => void): void {
  useEffect(() => {
    const onDrag = (event: DragEvent) => {
      if (!event.dataTransfer?.types.includes("Files")) return;
      if ((event.target as Element).closest("input")) return;
      event.preventDefault();
      if (event.type === "drop") tell();
    };
    window.addEventListener("dragover", onDrag);
    window.addEventListener("drop", onDrag);
    return () => {
      window.removeEventListener("dragover", onDrag);
      window.removeEventListener("drop", onDrag);
    };
  }, [tell]);
}
