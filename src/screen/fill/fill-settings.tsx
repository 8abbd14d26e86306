"use client";

import { SlidersHorizontal } from "lucide-react";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { readList } from "@/core/surface/change-line";
import { IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { Popover } from "@/kit/popover";
import { Switch } from "@/kit/switch";
import { CheckedField } from "../prepare/checked-field";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";
import { fillActionsOf } from "./fill-actions";

/** When what is written is checked, whether hints are offered, and how many numbers make a round. */
export function FillSettings() {
  const fill = useBoard((state) => pickBoard(state).fill);
  const store = useBoardStore();
  return (
    <Popover
      label="Checking"
      align="end"
      button={
        <IconButton name="Checking" className="text-quiet">
          <SlidersHorizontal aria-hidden size="1.25rem" />
        </IconButton>
      }
    >
      <div className="flex flex-col gap-4">
        <Choice
          label="Check what is written"
          value={fill.check}
          options={[
            { value: "at-once", label: "At once" },
            { value: "at-end", label: "At the end" },
            { value: "off", label: "Off" },
          ]}
          onChange={(check) => fillActionsOf(store).setFill({ check })}
        />
        <Switch
          label="Offer hints"
          on={fill.hints}
          onChange={(hints) => fillActionsOf(store).setFill({ hints })}
        />
        <CheckedField
          label="How many numbers to place"
          numeric
          value={String(fill.goal)}
          read={(typed) => readWhole(typed, 1, 100)}
          onTake={(goal) => fillActionsOf(store).setFill({ goal })}
        />
        <CheckedField
          label="Numbers to place, instead of drawn ones"
          value={(fill.numbers ?? []).map(showNumber).join("; ")}
          of="numbers"
          read={(typed) => readList(typed)}
          onTake={(numbers) => fillActionsOf(store).setFill({ numbers })}
        />
      </div>
    </Popover>
  );
}
