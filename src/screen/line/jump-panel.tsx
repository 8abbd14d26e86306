"use client";

import { clsx } from "clsx";
import { wayTo } from "@/core/count/bridge";
import { exact, keyOf } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { readWhole } from "@/core/number/read-whole";
import { showNumber } from "@/core/number/show-number";
import { Button } from "@/kit/button";
import { Select } from "@/kit/select";
import { CheckedField } from "../board/checked-field";
import { pickScene, useBoard, useBoardStore } from "../board/use-board";
import { SentenceField, WAY_NAMES } from "./sentence-field";

const OFTEN = ["1", "2", "5", "10", "100"] as const;

/** Jumps on the trail: by a size, to a target by friendly numbers, from a number sentence; split, joined, covered. */
export function JumpPanel() {
  const jump = useBoard((state) => state.jump);
  const trail = useBoard((state) => pickScene(state).trail);
  const aside = useBoard((state) => pickScene(state).aside);
  const ink = useBoard((state) => state.ink);
  const store = useBoardStore();
  const act = () => store.getState();
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
          <Button className="h-14 px-2" onClick={() => act().jumpSet(-1)}>
            Jump back
          </Button>
          <Button className="h-14 px-2" disabled={!trail?.jumps.length} onClick={() => act().jumpAgain()}>
            Again
          </Button>
          <Button look="stair" className="h-14 px-2" onClick={() => act().jumpSet(1)}>
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
          <Button look="strong" disabled={jump.target === ""} onClick={() => act().goToTarget()}>
            Go there
          </Button>
        </div>
        <SentenceField />
      </Part>
      <Part title="This trail">
        <div className="grid grid-cols-2 gap-2">
          <LastJump />
          <Button
            className="px-2"
            disabled={!trail?.jumps.some((_, i) => !trail.covers[i]?.size)}
            onClick={() => act().coverAllJumps("size", true)}
          >
            Cover sizes
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.covers.some(({ size }) => size)}
            onClick={() => act().coverAllJumps("size", false)}
          >
            Lift sizes
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.jumps.some((_, i) => !trail.covers[i]?.arc)}
            onClick={() => act().coverAllJumps("arc", true)}
          >
            Cover arcs
          </Button>
          <Button
            className="px-2"
            disabled={!trail?.covers.some(({ arc }) => arc)}
            onClick={() => act().coverAllJumps("arc", false)}
          >
            Lift arcs
          </Button>
          <Button className="px-2" disabled={!trail?.jumps.length} onClick={() => act().setAside(ink)}>
            Set aside
          </Button>
          <Button className="px-2" disabled={!aside} onClick={() => act().act([[{ do: "bring-back" }]])}>
            Wipe the other
          </Button>
        </div>
      </Part>
    </section>
  );
}

/** What can be made of the trail's last jump: several, or one with the jump before it. */
function LastJump() {
  const trail = useBoard((state) => pickScene(state).trail);
  const store = useBoardStore();
  const last = trail ? trail.jumps.length - 1 : -1;
  const by = trail?.jumps[last];
  const from = trail && by !== undefined ? exact(trail.end).sub(exact(by)) : null;
  const friendly = trail && from ? wayTo(from, exact(trail.end), "gathered") : [];
  const thirds = (parts: number) =>
    by === undefined ? [] : Array<string>(parts).fill(keyOf(exact(by).div(parts)));
  return (
    <>
      <Button
        className="px-2"
        disabled={friendly.length < 2}
        onClick={() => store.getState().splitJump(last, friendly)}
      >
        Split at a ten
      </Button>
      <Button
        className="px-2"
        disabled={by === undefined}
        onClick={() => store.getState().splitJump(last, thirds(2))}
      >
        Split in 2
      </Button>
      <Button
        className="px-2"
        disabled={by === undefined}
        onClick={() => store.getState().splitJump(last, thirds(3))}
      >
        Split in 3
      </Button>
      <Button className="px-2" disabled={last < 1} onClick={() => store.getState().joinJump(last - 1)}>
        Join the last two
      </Button>
    </>
  );
}

function Part({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <div className="flex flex-col gap-2.5 border-t border-rule pt-3.5">
      <h3 className="font-semibold">{title}</h3>
      {children}
    </div>
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
