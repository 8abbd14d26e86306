"use client";

import { Grid3x3 } from "lucide-react";
import { useState } from "react";
import { changeCount } from "@/core/count/change-count";
import type { Count } from "@/core/count/count-settings";
import { keyOfText } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { isCoveredAt } from "@/core/scene/scene";
import { numberOf } from "@/core/surface/cell-key";
import { Button } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Labelled } from "@/kit/labelled";
import { keepKeyboard } from "@/kit/rail-button";
import { Segments } from "@/kit/segments";
import { Switch } from "@/kit/switch";
import { Tabs } from "@/kit/tabs";
import { Toggles } from "@/kit/toggles";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";
import { pickBoard, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { NumberPad } from "../views/number-pad";

const PACES = [
  { value: "5", label: "5 s" },
  { value: "3", label: "3 s" },
  { value: "2", label: "2 s" },
  { value: "1", label: "1 s" },
  { value: "0.5", label: "½ s" },
  { value: "0.25", label: "¼ s" },
] as const;
const OFTEN = ["2", "3", "4", "5", "6", "7", "8", "9", "10", "20", "25", "50", "100"] as const;

/** Changes a part of the count. */
function useTake() {
  const store = useBoardStore();
  return (part: Partial<Count>) =>
    store.getState().setTo((board) => ({ of: "count", is: { ...board.count, ...part } }));
}

/** What the class counts in, from where, and which way; where the panel is wide, in two halves beside each other. */
function NumbersFields({ onPad }: { onPad: () => void }) {
  const count = useBoard((state) => pickBoard(state).count);
  const store = useBoardStore();
  const take = useTake();
  // A number that the class does not see is not named here either.
  const here = useBoard((state) => {
    const scene = pickScene(state);
    const { focus } = scene;
    return focus === null || isCoveredAt(scene, focus) ? null : numberOf(focus);
  });
  const write = useNumberText();
  const set = (next: Count) => store.getState().setTo({ of: "count", is: next });
  const values = { by: showNumber(count.by), from: showNumber(count.from) };
  const drafts = useBoardDrafts("count", values, (typed) => changeCount(count, typed), set);
  return (
    <div className="@container">
      <div className="flex flex-col gap-1.5 @min-[35rem]:grid @min-[35rem]:grid-cols-2 @min-[35rem]:gap-x-6">
        <div {...drafts.group} className="grid grid-cols-2 gap-3">
          <DraftField label="Count in" {...drafts.field("by")} />
          <DraftField label="From" {...drafts.field("from")} />
        </div>
        <div className="relative @min-[35rem]:row-span-3">
          <Segments
            label="Often counted in"
            inRows
            value={count.by}
            options={OFTEN.map((by) => ({ value: by, label: by }))}
            onChange={(by) => take({ by })}
          />
          {/* In the space left by the last row. */}
          <button
            type="button"
            onMouseDown={keepKeyboard}
            onClick={onPad}
            className="absolute right-1 bottom-1 flex h-press w-[calc(40%-4px)] items-center justify-center gap-1.5 rounded-button font-semibold text-quiet hover:text-ink"
          >
            <Grid3x3 aria-hidden size="1.125rem" /> Keypad
          </button>
        </div>
        {here !== null && here !== keyOfText(count.from) && (
          <Button onClick={() => take({ from: here })}>Start from {write(here)}</Button>
        )}
        <Segments
          label="Which way"
          value={count.way}
          options={[
            { value: "forwards", label: "Forwards" },
            { value: "back", label: "Back" },
          ]}
          onChange={(way) => take({ way })}
        />
      </div>
    </div>
  );
}

/** The pace of the count, where it waits, and what is seen and heard of it. */
export function CountPace() {
  const count = useBoard((state) => pickBoard(state).count);
  const take = useTake();
  return (
    <div className="@container">
      <div className="flex flex-col gap-3 @min-[35rem]:grid @min-[35rem]:grid-cols-2 @min-[35rem]:gap-x-6">
        <div className="flex flex-col gap-3">
          <Choice
            label="One number every"
            value={String(count.every)}
            options={PACES}
            onChange={(every) => take({ every: Number(every) })}
          />
          <Labelled label="Wait before">
            <Toggles
              label="Wait before"
              value={count.pauses}
              options={[
                { value: "ten", label: "A new ten" },
                { value: "hundred", label: "Hundred" },
                { value: "row", label: "Row" },
              ]}
              onChange={(pauses) => take({ pauses })}
            />
          </Labelled>
        </div>
        <div className="-my-1">
          <Switch label="Silent: hide the number" on={count.silent} onChange={(silent) => take({ silent })} />
          <Switch label="Mark as you count" on={count.marks} onChange={(marks) => take({ marks })} />
          <Switch label="Say the numbers aloud" on={count.voice} onChange={(voice) => take({ voice })} />
          <Switch
            label="Tell me about numbers I miss"
            on={count.watch}
            onChange={(watch) => take({ watch })}
          />
        </div>
      </div>
    </div>
  );
}

/** A keypad for the size of the count, in place of everything else until it is done. */
function CountPad({ onDone }: { onDone: () => void }) {
  const count = useBoard((state) => pickBoard(state).count);
  const take = useTake();
  return (
    <div className="@container flex flex-col gap-2">
      <p className="text-small font-semibold">Count in</p>
      <NumberPad
        label="Count in"
        done="Count in it"
        fills
        refuses={(by) => {
          const read = changeCount(count, { by });
          return read.ok ? null : read.message;
        }}
        onDone={(by) => {
          take({ by });
          onDone();
        }}
      />
      <Button onMouseDown={keepKeyboard} onClick={onDone}>
        Leave it as it is
      </Button>
    </div>
  );
}

/** The settings of the count, or a keypad in their place. */
export function CountNumbers() {
  const [typing, setTyping] = useState(false);
  return typing ? (
    <CountPad onDone={() => setTyping(false)} />
  ) : (
    <NumbersFields onPad={() => setTyping(true)} />
  );
}

/** The settings of the count while teaching: beside the board, which stays whole. */
export function CountPanel({ onClose }: { onClose: () => void }) {
  const [typing, setTyping] = useState(false);
  return (
    <aside aria-label="Set the count" className="flex min-h-0 flex-col rounded-card bg-board p-4">
      <div className="flex shrink-0 items-center justify-between pb-2">
        <h2 className="text-large font-bold">The count</h2>
        <Button tone="quiet" onMouseDown={keepKeyboard} onClick={onClose}>
          Close
        </Button>
      </div>
      {typing ? (
        <div className="-mx-1 min-h-0 flex-1 overflow-y-auto px-1 pb-1">
          <CountPad onDone={() => setTyping(false)} />
        </div>
      ) : (
        // One page at a time, so that each is whole.
        <Tabs
          label="What to set"
          pages={[
            {
              id: "numbers",
              name: "Which numbers",
              content: <NumbersFields onPad={() => setTyping(true)} />,
            },
            { id: "pace", name: "How it goes", content: <CountPace /> },
          ]}
        />
      )}
    </aside>
  );
}
