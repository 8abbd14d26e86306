"use client";

import { clsx } from "clsx";
import { exact, keyOf } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { Button } from "@/kit/button";
import { Select } from "@/kit/select";
import { CheckedField } from "../board/checked-field";
import { pickScene, useBoard, useBoardStore } from "../board/use-board";
import { lineActionsOf } from "./line-actions";
import { OneJump } from "./one-jump";
import { Part } from "./panel-part";
import { SentenceField, WAY_NAMES } from "./sentence-field";
import { TwoTrails } from "./two-trails";

const OFTEN = ["1", "2", "5", "10", "100"] as const;

/** Jumps on the trail: by a size, to a target by friendly numbers, from a number sentence; split, joined, covered. */
export function JumpPanel() {
  const jump = useBoard((state) => state.jump);
  const trail = useBoard((state) => pickScene(state).trail);
  const store = useBoardStore();
  const act = () => store.getState();
  const lines = lineActionsOf(store);
  return (
    <section
      aria-label="Jumps"
      className="flex min-h-0 flex-col gap-4 overflow-y-auto rounded-card bg-board p-4"
    >
      <div className="flex flex-col gap-2.5">
        <div className="grid grid-cols-2 gap-3">
          <CheckedField
            label="Jump"
            numeric
            value={showNumber(jump.by)}
            check={sizeFault}
            onTake={(typed) => act().setJump({ by: keyOf(readAs(typed)) })}
          />
          <CheckedField
            label="Times"
            numeric
            value={jump.times}
            check={(typed) => {
              const read = readWhole(typed, 1, 100);
              return read.ok ? undefined : read.message;
            }}
            onTake={(typed) => act().setJump({ times: typed.trim() })}
          />
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
                "h-11 rounded-button border font-numeral text-lg font-bold",
                jump.by === by ? "border-ink bg-lit" : "border-rule hover:border-ink",
              )}
            >
              {by}
            </button>
          ))}
        </div>
        <div className="grid grid-cols-3 gap-2">
          <Button className="h-14 px-2" onClick={() => lines.jumpSet(-1)}>
            Jump back
          </Button>
          <Button className="h-14 px-2" disabled={!trail?.jumps.length} onClick={() => lines.jumpAgain()}>
            Again
          </Button>
          <Button look="stair" className="h-14 px-2" onClick={() => lines.jumpSet(1)}>
            Jump on
          </Button>
        </div>
      </div>
      <Part title="Draw a way">
        <Select
          label="How it is drawn"
          value={jump.way}
          options={WAY_NAMES}
          onChange={(way) => act().setJump({ way })}
        />
        <div className="flex items-end gap-2">
          <CheckedField
            label="To"
            numeric
            value={jump.target}
            check={(typed) => {
              const read = readNumber(typed);
              return typed === "" || read.ok ? undefined : read.message;
            }}
            onTake={(target) => act().setJump({ target })}
            className="min-w-0 flex-1"
          />
          <Button look="strong" disabled={jump.target === ""} onClick={() => lines.goToTarget()}>
            Go there
          </Button>
        </div>
        <SentenceField />
      </Part>
      <OneJump />
      <Part title="This trail">
        <div className="grid grid-cols-2 gap-2">
          <Button
            className="px-2"
            disabled={!trail?.jumps.some((_, i) => !trail.covers[i]?.size)}
            onClick={() => lines.coverAllJumps("size", true)}
          >
            Cover sizes
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.covers.some(({ size }) => size)}
            onClick={() => lines.coverAllJumps("size", false)}
          >
            Lift sizes
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.jumps.some((_, i) => !trail.covers[i]?.arc)}
            onClick={() => lines.coverAllJumps("arc", true)}
          >
            Cover arcs
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.covers.some(({ arc }) => arc)}
            onClick={() => lines.coverAllJumps("arc", false)}
          >
            Lift arcs
          </Button>
        </div>
        <TwoTrails />
      </Part>
    </section>
  );
}

const readAs = (typed: string) => {
  const read = readNumber(typed);
  return read.ok ? read.value.abs() : exact(1);
};

function sizeFault(typed: string): string | undefined {
  const read = readNumber(typed);
  if (!read.ok) return read.message;
  return read.value.n === 0n ? "Write a number other than 0." : undefined;
}
