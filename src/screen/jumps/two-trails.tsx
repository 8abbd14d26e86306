"use client";

import { RadioGroup } from "radix-ui";
import { INKS, type Ink } from "@/core/set/ink";
import { Button } from "@/kit/button";
import { InkShape } from "@/view/ink/ink-shape";
import { INK_STYLE } from "@/view/ink/ink-style";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";
import { lineActionsOf } from "./line-actions";

/** Two trails on one line: one set aside, the other before it, and the ink that each of them wears. */
export function TwoTrails() {
  const trail = useBoard((state) => pickScene(state).trail);
  const aside = useBoard((state) => pickScene(state).aside);
  const store = useBoardStore();
  const lines = lineActionsOf(store);
  return (
    <>
      {aside && (
        <>
          <InkChoice label="This one" value={aside.beside} onChange={(ink) => lines.trailInk("trail", ink)} />
          <InkChoice label="The other" value={aside.ink} onChange={(ink) => lines.trailInk("aside", ink)} />
        </>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button className="px-2" disabled={!trail?.jumps.length} onClick={() => lines.setAside()}>
          Set aside
        </Button>
        <Button
          className="px-2"
          disabled={!aside}
          onClick={() => store.getState().act([[{ do: "bring-back" }]])}
        >
          Clear the other
        </Button>
      </div>
    </>
  );
}

type ChoiceProps = { label: string; value: Ink; onChange: (ink: Ink) => void };

/** One of the five inks. */
function InkChoice({ label, value, onChange }: ChoiceProps) {
  return (
    <div className="flex items-center justify-between gap-1">
      <span aria-hidden className="whitespace-nowrap text-quiet">
        {label}
      </span>
      <RadioGroup.Root
        aria-label={`Ink: ${label.toLowerCase()}`}
        value={value}
        onValueChange={(ink) => onChange(ink as Ink)}
        className="flex gap-0.5"
      >
        {INKS.map((ink) => (
          <RadioGroup.Item
            key={ink}
            value={ink}
            aria-label={INK_STYLE[ink].name}
            onMouseDown={(event) => event.preventDefault()}
            className="flex size-press items-center justify-center rounded-button border border-transparent hover:border-rule data-[state=checked]:border-ink data-[state=checked]:bg-lit"
          >
            <InkShape ink={ink} size={18} />
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
