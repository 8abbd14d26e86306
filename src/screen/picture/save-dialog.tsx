"use client";

import { FileDown, FileText, ImageDown, Printer, Table } from "lucide-react";
import type { ReactNode } from "react";
import { Dialog } from "@/kit/dialog";
import type { ScreenDoors } from "../commands/commands";

type Props = { open: boolean; onOpenChange: (open: boolean) => void; doors: ScreenDoors };

/** What can be saved or printed of a board, each with its purpose. */
export function SaveDialog({ open, onOpenChange, doors }: Props) {
  const after = (run: () => void) => () => {
    onOpenChange(false);
    // By then the dialog has left the page and is not printed.
    setTimeout(run, 60);
  };
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Save or print">
      <div className="flex flex-col gap-2.5">
        <Way
          icon={<ImageDown aria-hidden size={24} />}
          name="Save a picture"
          onPress={after(doors.savePicture)}
        >
          Of the board as it stands or of one view, for a worksheet.
        </Way>
        <Way
          icon={<FileText aria-hidden size={24} />}
          name="Sheets for the table"
          onPress={after(doors.sheets)}
        >
          Pages for pupils with their answers, kept in this lesson.
        </Way>
        <Way icon={<Printer aria-hidden size={24} />} name="Print the board" onPress={after(doors.print)}>
          Alone, on one page.
        </Way>
        <Way icon={<Table aria-hidden size={24} />} name="Numbers as a table" onPress={after(doors.numbers)}>
          Out to a spreadsheet, or in as marks or a chart.
        </Way>
        <Way
          icon={<FileDown aria-hidden size={24} />}
          name="Save the lesson as a file"
          onPress={after(doors.saveFile)}
        >
          For a colleague, or to keep.
        </Way>
      </div>
    </Dialog>
  );
}

type WayProps = { icon: ReactNode; name: string; onPress: () => void; children: ReactNode };

function Way({ icon, name, onPress, children }: WayProps) {
  return (
    <button
      type="button"
      onClick={onPress}
      className="flex items-center gap-4 rounded-button border border-edge px-4 py-3 text-left hover:border-ink"
    >
      <span className="flex size-press shrink-0 items-center justify-center rounded-button bg-wall">
        {icon}
      </span>
      <span>
        <span className="block text-large font-semibold">{name}</span>
        <span className="block text-quiet">{children}</span>
      </span>
    </button>
  );
}
