"use client";

import { useState } from "react";
import type { Way } from "@/core/count/bridge";
import { Button } from "@/kit/button";
import { Field } from "@/kit/field";
import { Select } from "@/kit/select";
import { useBoard, useBoardStore } from "../board/use-board";
import { lineActionsOf } from "./line-actions";

export const WAY_NAMES = [
  { value: "one", label: "In one jump" },
  { value: "gathered", label: "By friendly numbers" },
  { value: "singles", label: "In ones, tens, hundreds" },
  { value: "fewest", label: "In the fewest jumps" },
  { value: "over-and-back", label: "Over and back" },
] as const satisfies readonly { value: Way; label: string }[];

/** Reads a number sentence, and draws its trail in the way that is chosen. */
export function SentenceField({ choosesWay = false }: { choosesWay?: boolean }) {
  const way = useBoard((state) => state.jump.way);
  const store = useBoardStore();
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState<string | undefined>();
  const draw = () => {
    const fault = lineActionsOf(store).drawSentence(typed, way);
    setMessage(fault ?? undefined);
    // What is drawn is there to be talked about: the keys belong to the board again.
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
      {choosesWay && (
        <Select
          label="How it is drawn"
          value={way}
          options={WAY_NAMES}
          onChange={(next) => store.getState().setJump({ way: next })}
        />
      )}
      <div className="flex items-start gap-2">
        <Field
          label="Number sentence"
          value={typed}
          message={message}
          placeholder="52 − 17"
          maxLength={120}
          className="min-w-0 flex-1"
          onChange={(event) => {
            setTyped(event.target.value);
            setMessage(undefined);
          }}
        />
        <Button type="submit" look="strong" className="mt-[26px]">
          Draw it
        </Button>
      </div>
    </form>
  );
}
