"use client";

import { TextCursorInput } from "lucide-react";
import { useEffect } from "react";
import { IconButton } from "@/kit/button";
import { bringPopovers, Popover } from "@/kit/popover";
import { SentenceDrawing } from "@/view/sentence/sentence-drawing";
import { lineActionsOf } from "../../jumps/line-actions";
import { SentenceField } from "../../jumps/sentence-field";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The number sentence of the trail, in a place of its own. */
export function SentenceStage({ view, strong }: StageProps<"sentence">) {
  const store = useBoardStore();
  const { room, drawn, touched } = useReader(strong);
  useEffect(() => void bringPopovers(), []);
  return (
    <section
      aria-label="Number sentence"
      className="flex size-full min-h-0 min-w-0 items-center rounded-card bg-board px-4"
    >
      <div ref={room} className="h-full min-w-0 flex-1">
        <SentenceDrawing
          view={view}
          {...drawn}
          {...touched}
          onJumps={(jumps) => lineActionsOf(store).touchJump(jumps, "size")}
        />
      </div>
      <Popover
        label="Write a number sentence"
        button={
          <IconButton name="Write a number sentence">
            <TextCursorInput aria-hidden size="1.375rem" />
          </IconButton>
        }
      >
        <SentenceField />
      </Popover>
    </section>
  );
}
