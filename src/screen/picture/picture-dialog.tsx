"use client";

import { Copy, Download } from "lucide-react";
import { useEffect, useState } from "react";
import type { PictureWish } from "@/core/lesson/picture-wish";
import { placedOf, viewName } from "@/core/lesson/views-of";
import { fileNameOf } from "@/core/lesson/write-lesson";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { say } from "@/kit/messages";
import { Segments } from "@/kit/segments";
import { Select } from "@/kit/select";
import { Switch } from "@/kit/switch";
import { useMedia } from "@/kit/use-media";
import { boardNow, boardStateOf } from "../store/on-show";
import { useBoardStore } from "../store/use-board";
import { askPicture, keepFile } from "./picture-door";

type Props = { open: boolean; onOpenChange: (open: boolean) => void; strong: boolean };

const ALL = "all";
const SIZES = [
  { value: "1000", label: "1,000 pixels" },
  { value: "2000", label: "2,000 pixels" },
  { value: "4000", label: "4,000 pixels" },
] as const;

/** A picture of the board as it stands, or of one of its views: seen first, then saved or copied. */
export function PictureDialog({ open, onOpenChange, strong }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Save a picture" size="wide">
      <PictureForm strong={strong} />
    </Dialog>
  );
}

function PictureForm({ strong }: { strong: boolean }) {
  const store = useBoardStore();
  const [shown] = useState(() => boardStateOf(store.getState()));
  const [views] = useState(() => {
    const board = boardNow(store.getState());
    return placedOf(board).map((view) => ({ value: view.id as string, label: viewName(board, view) }));
  });
  const [view, setView] = useState(ALL);
  const [as, setAs] = useState<"png" | "svg">("png");
  const [size, setSize] = useState<(typeof SIZES)[number]["value"]>("2000");
  const [ground, setGround] = useState<PictureWish["ground"]>("white");
  const [covers, setCovers] = useState(true);
  const [marks, setMarks] = useState(true);
  const upright = useMedia("(orientation: portrait)");
  const [seen, setSeen] = useState<{ address: string } | { message: string } | null>(null);
  const [busy, setBusy] = useState(false);
  const wish: PictureWish = {
    view: view === ALL ? null : (view as PictureWish["view"]),
    covers,
    marks,
    ground,
    as,
    longest: Number(size),
    upright,
    strong,
  };

  // biome-ignore lint/correctness/useExhaustiveDependencies: what the picture is like is all that it depends on.
  useEffect(() => {
    const asked = new AbortController();
    let address: string | null = null;
    askPicture(shown, { ...wish, as: "png", longest: 1000 }, asked.signal).then(
      (picture) => {
        if (asked.signal.aborted) return;
        address = URL.createObjectURL(picture);
        setSeen({ address });
      },
      () => {
        if (!asked.signal.aborted)
          setSeen({ message: "Yellow Stair does not answer. Check that it is running." });
      },
    );
    return () => {
      asked.abort();
      if (address) URL.revokeObjectURL(address);
    };
  }, [view, covers, marks, ground, upright]);

  const doing = (what: () => Promise<void>) => async () => {
    setBusy(true);
    try {
      await what();
    } catch {
      say("The picture could not be made. Check that Yellow Stair is running, then try again.");
    } finally {
      setBusy(false);
    }
  };
  const save = doing(async () => {
    const picture = await askPicture(shown, wish);
    const name = `${fileNameOf(shown.board.title)}.${as}`;
    keepFile(picture, name);
    say(`Picture saved as ${name}.`);
  });
  const copy = doing(async () => {
    // Drawing programs take SVG, all others a PNG; where a browser copies no SVG, its text is copied.
    const asText = as === "svg" && !ClipboardItem.supports?.("image/svg+xml");
    const type = as === "png" ? "image/png" : asText ? "text/plain" : "image/svg+xml";
    const picture = askPicture(shown, wish).then((made) => (asText ? new Blob([made], { type }) : made));
    try {
      // Pass a promise of the picture: some browsers allow copying only during the press itself.
      await navigator.clipboard.write([new ClipboardItem({ [type]: picture })]);
    } catch {
      await picture;
      say("This browser does not let pictures be copied. Save it instead.");
      return;
    }
    say("Picture copied.");
  });
  return (
    <>
      <div className="grid gap-6 sm:grid-cols-[1fr_16.25rem]">
        <div
          className={`flex h-[18.75rem] items-center justify-center rounded-card border border-rule p-3 ${ground === "white" ? "bg-board" : "bg-mist"}`}
        >
          {seen === null ? (
            <p className="text-quiet">Drawing…</p>
          ) : "address" in seen ? (
            // biome-ignore lint/performance/noImgElement: it is made here, and known to no server.
            <img src={seen.address} alt="The board as it will be saved" className="max-h-full max-w-full" />
          ) : (
            <p className="text-wrong">{seen.message}</p>
          )}
        </div>
        <div className="flex flex-col gap-2.5">
          {views.length > 1 && (
            <Select
              label="What is in the picture"
              value={view}
              onChange={setView}
              options={[{ value: ALL, label: "The whole board" }, ...views]}
            />
          )}
          <Switch label="Covers" on={covers} onChange={setCovers} />
          <Switch label="Marks" on={marks} onChange={setMarks} />
          <Segments
            label="Ground"
            value={ground}
            onChange={setGround}
            options={[
              { value: "white", label: "White" },
              { value: "none", label: "See-through" },
            ]}
          />
          <Segments
            label="Kind of file"
            value={as}
            onChange={setAs}
            options={[
              { value: "png", label: "PNG" },
              { value: "svg", label: "SVG" },
            ]}
          />
          {as === "png" ? (
            <Select label="Longer side" value={size} onChange={setSize} options={SIZES} />
          ) : (
            <p className="flex h-press items-center text-quiet">Sharp at any size.</p>
          )}
        </div>
      </div>
      <DialogEnd>
        <Button disabled={busy} onClick={() => void copy()}>
          <Copy aria-hidden size={19} /> Copy
        </Button>
        <Button tone="strong" disabled={busy} onClick={() => void save()}>
          <Download aria-hidden size={19} /> Save
        </Button>
      </DialogEnd>
    </>
  );
}
