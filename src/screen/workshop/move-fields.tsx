"use client";

import { Trash2 } from "lucide-react";
import { momentWords } from "@/core/lesson/move-words";
import { keyOf } from "@/core/number/exact";
import { readNumber } from "@/core/number/read-number";
import { readNumbers } from "@/core/number/read-numbers";
import { showNumber } from "@/core/number/show-number";
import type { Move } from "@/core/scene/move";
import { INKS } from "@/core/set/ink";
import { isCellKey } from "@/core/surface/cell-key";
import { MAX_PLACES } from "@/core/surface/chart";
import { IconButton } from "@/kit/button";
import { Select } from "@/kit/select";
import { INK_STYLE } from "@/view/ink/ink-style";
import { OwnField } from "../prepare/checked-field";

type Props = { of: string; move: Move; onPut: (move: Move | null) => void };

const INK_OPTIONS = INKS.map((value) => ({ value, label: INK_STYLE[value].name }));

/** One move of a step: its numbers and its ink can be others; any move can be left out. */
export function MoveFields({ of, move, onPut }: Props) {
  const numbers = numbersOf(move);
  const single =
    "number" in move && typeof move.number === "string" && !isCellKey(move.number) ? move.number : null;
  return (
    <div className="flex flex-wrap items-center gap-2">
      {numbers ? (
        <>
          <span className="font-semibold">{VERBS[move.do] ?? move.do}</span>
          <OwnField
            label={`Numbers of ${of}`}
            bare
            className="min-w-52 flex-1"
            of={of}
            value={written(numbers)}
            read={(typed) => {
              const read = readNumbers(typed, 1, MAX_PLACES);
              return read.ok ? { ok: true, value: read.texts } : read;
            }}
            onTake={(texts) => onPut({ ...move, numbers: texts.map(keyOfTyped) } as Move)}
          />
        </>
      ) : single !== null || move.do === "jump" ? (
        <>
          <span className="font-semibold">{VERBS[move.do] ?? "At"}</span>
          <OwnField
            label={`Number of ${of}`}
            bare
            className="w-28"
            of={of}
            value={showNumber(single ?? (move as { by: string }).by)}
            read={(typed) => {
              const read = readNumber(typed);
              return read.ok ? { ok: true, value: keyOf(read.value) } : read;
            }}
            onTake={(number) => onPut({ ...move, [single === null ? "by" : "number"]: number } as Move)}
          />
        </>
      ) : (
        <span className="min-w-40 flex-1">{momentWords([move])}</span>
      )}
      {"ink" in move && move.ink !== null && (
        <Select
          label={`Ink of ${of}`}
          value={move.ink}
          options={INK_OPTIONS}
          onChange={(ink) => onPut({ ...move, ink } as Move)}
        />
      )}
      <IconButton name={`Leave out ${of}`} onClick={() => onPut(null)}>
        <Trash2 aria-hidden size={18} />
      </IconButton>
    </div>
  );
}

/** Maximum number of characters in a field. */
const LONGEST = 190;
const written = (numbers: readonly string[]) => numbers.map((number) => showNumber(number)).join(", ");

/** The numbers of a move that can be edited; null if they are cells of a grid, a rule, or too many. */
function numbersOf(move: Move): string[] | null {
  if (!("numbers" in move) || !Array.isArray(move.numbers)) return null;
  const numbers = move.numbers as string[];
  const typed = !numbers.some((target) => isCellKey(target as never)) && written(numbers).length <= LONGEST;
  return typed ? numbers : null;
}

function keyOfTyped(text: string): string {
  const read = readNumber(text);
  return read.ok ? keyOf(read.value) : text;
}

/** The label of the editable numbers of a move. */
const VERBS: { readonly [name in Move["do"]]?: string } = {
  mark: "Mark",
  unmark: "Take the mark off",
  cover: "Cover",
  lift: "Lift",
  "stand-out": "Make larger",
  "stand-back": "Make ordinary",
  "lay-counters": "Lay counters on",
  "take-counters": "Take counters off",
  jump: "Jump",
  start: "Start at",
  focus: "Talk about",
  ask: "Ask for",
  write: "Write at",
  erase: "Wipe",
};
