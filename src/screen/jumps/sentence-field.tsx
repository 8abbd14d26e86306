"use client";

import { useState } from "react";
import type { Way } from "@/core/count/bridge";
import { Button } from "@/kit/button";
import { Field } from "@/kit/field";
import { Select } from "@/kit/select";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";
import { lineActionsOf } from "./line-actions";

export const WAY_NAMES = [
  { value: "one", label: "In one jump" },
  { value: "gathered", label: "By friendly numbers" },
  { value: "singles", label: "In ones, tens, hundreds" },
  { value: "fewest", label: "In the fewest jumps" },
  { value: "over-and-back", label: "Over and back" },
] as const satisfies readonly { value: Way; label: string }[];

/** A sentence is drawn as it is written, unless a way is asked for. */
const TERM_WAYS = WAY_NAMES.map((way) => (way.value === "one" ? { ...way, label: "As it is written" } : way));

/** A number sentence that is typed, and what is wrong with it. */
type Typed = { readonly text: string; readonly message: string };

/** The sentence being typed on the current board, and how to change it; it stays while other pages are open. */
export function useSentence(): [Typed, (typed: Typed) => void] {
  const board = useBoard((state) => pickBoard(state).id);
  const [written, setWritten] = useState({ board, text: "", message: "" });
  const here = written.board === board ? written : { text: "", message: "" };
  return [here, (typed) => setWritten({ board, ...typed })];
}

type Props = { here: Typed; onType: (typed: Typed) => void };

/** A number sentence in a room of its own. */
export function SentenceField() {
  const [here, onType] = useSentence();
  return <SentenceForm here={here} onType={onType} />;
}

/** Reads a number sentence and draws its trail: each term as a jump, or in the chosen way. */
export function SentenceForm({ here, onType }: Props) {
  const way = useBoard((state) => state.jump.sentenceWay);
  const store = useBoardStore();
  const draw = () => {
    const fault = lineActionsOf(store).drawSentence(here.text, way);
    onType({ text: here.text, message: fault ?? "" });
    // The drawing is there to be talked about, so the keys belong to the board again.
    if (!fault && document.activeElement instanceof HTMLElement) document.activeElement.blur();
  };
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        draw();
      }}
    >
      <Select
        label="How its terms are drawn"
        value={way}
        options={TERM_WAYS}
        onChange={(sentenceWay) => store.getState().setJump({ sentenceWay })}
      />
      <div className="flex items-start gap-2">
        <Field
          label="Number sentence"
          value={here.text}
          message={here.message || undefined}
          placeholder="52 − 17"
          maxLength={120}
          className="min-w-0 flex-1"
          onChange={(event) => onType({ text: event.target.value, message: "" })}
        />
        <Button type="submit" tone="strong" className="mt-[1.625rem]">
          Draw it
        </Button>
      </div>
    </form>
  );
}
