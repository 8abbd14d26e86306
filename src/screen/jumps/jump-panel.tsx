"use client";

import { clsx } from "clsx";
import type { ReactNode } from "react";
import { keyOf, type NumberKey } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { isCoveredAt } from "@/core/scene/scene";
import { Button } from "@/kit/button";
import { Select } from "@/kit/select";
import { Tabs } from "@/kit/tabs";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";
import type { JumpPage } from "../store/jump-hand";
import { pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { AllJumps } from "./all-jumps";
import { lineActionsOf, standingIn } from "./line-actions";
import { OneJump } from "./one-jump";
import { SentenceForm, useSentence, WAY_NAMES } from "./sentence-field";

const OFTEN = ["1", "2", "5", "10", "100"] as const;

/** Below a board, where there is room, two parts stand beside each other. */
const TWO_HALVES =
  "flex flex-col gap-2.5 @min-[35rem]:grid @min-[35rem]:grid-cols-2 @min-[35rem]:items-end @min-[35rem]:gap-x-6";

/** Jumps on the trail: by a size, to a target by friendly numbers, from a number sentence; split, joined, covered. */
export function JumpPanel({ className = "bg-board p-4" }: { className?: string }) {
  const jump = useBoard((state) => state.jump);
  const trail = useBoard((state) => pickScene(state).trail);
  const store = useBoardStore();
  const act = () => store.getState();
  const write = useNumberText();
  const lines = lineActionsOf(store);
  const standing = useBoard((state) => standingIn(pickScene(state)));
  const isTold = useBoard((state) => !isCoveredAt(pickScene(state), standing));
  const sizes = useBoardDrafts(
    "jump",
    { by: write(jump.by), times: showNumber(String(jump.times)) },
    readSizes,
    (next) => act().setJump(next),
    () => lines.jumpSet(1),
  );
  const ends = useBoardDrafts(
    "way",
    {
      from: jump.from !== null ? write(jump.from) : isTold ? write(standing) : "",
      to: jump.target === null ? "" : write(jump.target),
    },
    readEnds,
    (next) => act().setJump(next),
    () => lines.goToTarget(),
  );
  const [sentence, typeSentence] = useSentence();
  const pages: readonly { id: JumpPage; name: string; content: ReactNode }[] = [
    {
      id: "jump",
      name: "By size",
      content: (
        <div {...sizes.group} className={TWO_HALVES}>
          <div className="grid grid-cols-2 gap-3">
            <DraftField label="Jump" {...sizes.field("by")} />
            <DraftField label="Times" {...sizes.field("times")} />
          </div>
          <div className="grid grid-cols-5 gap-1.5">
            {OFTEN.map((by) => (
              <button
                key={by}
                type="button"
                aria-label={`Jumps of ${by}`}
                aria-pressed={jump.by === by}
                onMouseDown={(event) => event.preventDefault()}
                onClick={() => act().setJump({ by })}
                className={clsx(
                  "h-press rounded-button border font-numeral text-large font-bold",
                  jump.by === by ? "border-ink bg-lit" : "border-edge hover:border-ink",
                )}
              >
                {by}
              </button>
            ))}
          </div>
          <div className="grid grid-cols-3 gap-2">
            <Button className="h-touch px-2" onClick={() => sizes.settle() && lines.jumpSet(-1)}>
              Jump back
            </Button>
            <Button
              className="h-touch px-2"
              disabled={!trail?.jumps.length}
              onClick={() => lines.jumpAgain()}
            >
              Again
            </Button>
            <Button tone="stair" className="h-touch px-2" onClick={() => sizes.settle() && lines.jumpSet(1)}>
              Jump on
            </Button>
          </div>
        </div>
      ),
    },
    {
      id: "to",
      name: "To a number",
      content: (
        <div {...ends.group} className={TWO_HALVES}>
          <div className="grid grid-cols-2 gap-3">
            <DraftField label="From" {...ends.field("from")} />
            <DraftField label="To" {...ends.field("to")} />
          </div>
          <Select
            label="How it is drawn"
            value={jump.way}
            options={WAY_NAMES}
            onChange={(way) => act().setJump({ way })}
          />
          <Button tone="strong" onClick={() => ends.settle() && lines.goToTarget()}>
            Draw the jumps
          </Button>
        </div>
      ),
    },
    { id: "sentence", name: "Sentence", content: <SentenceForm here={sentence} onType={typeSentence} /> },
    { id: "one", name: "One jump", content: <OneJump /> },
    { id: "all", name: "All jumps", content: <AllJumps /> },
  ];
  return (
    <section aria-label="Jumps" className={`flex min-h-0 flex-col rounded-card ${className}`}>
      <Tabs
        label="What to do with jumps"
        page={jump.page}
        onPage={(page) => act().setJump({ page })}
        pages={pages}
      />
    </section>
  );
}

/** The size of a jump and the number of repeats, as typed. */
function readSizes(typed: { readonly by?: string; readonly times?: string }) {
  const value: { by?: NumberKey; times?: number } = {};
  if (typed.by !== undefined) {
    const read = readNumber(typed.by);
    if (!read.ok) return { ...read, at: "by" as const };
    if (read.value.compare(0) <= 0) {
      const message = "Write a number above 0. To go back, touch Jump back.";
      return { ok: false as const, message, at: "by" as const };
    }
    value.by = keyOf(read.value);
  }
  if (typed.times !== undefined) {
    const read = readWhole(typed.times, 1, 100);
    if (!read.ok) return { ...read, at: "times" as const };
    value.times = read.value;
  }
  return { ok: true as const, value };
}

/** The start and the target of a way, as typed; an empty start means the trail's landing. */
function readEnds(typed: { readonly from?: string; readonly to?: string }) {
  const value: { from?: NumberKey | null; target?: NumberKey | null } = {};
  for (const part of ["from", "to"] as const) {
    const text = typed[part];
    if (text === undefined) continue;
    const read = text.trim() === "" ? null : readNumber(text);
    if (read && !read.ok) return { ...read, at: part };
    value[part === "to" ? "target" : "from"] = read && keyOf(read.value);
  }
  return { ok: true as const, value };
}
