"use client";

import { Trash2 } from "lucide-react";
import { readProblem } from "@/core/count/problem";
import { withoutProblem } from "@/core/lesson/edit-problems";
import { MAX_PROBLEMS } from "@/core/views/kinds/problems";
import type { ViewOf } from "@/core/views/view";
import { Button, IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { CheckedField } from "../../prepare/checked-field";
import { useBoardStore, useLay } from "../../store/use-board";

/** The problems, a line each, and when their answers are checked. */
export function ProblemFields({ view: problems }: { view: ViewOf<"problems"> }) {
  const lay = useLay(problems);
  const store = useBoardStore();
  return (
    <div className="flex flex-col gap-3">
      <ol aria-label="Problems" className="flex flex-col gap-2">
        {problems.items.map((text, index) => (
          <li
            // biome-ignore lint/suspicious/noArrayIndexKey: a problem is where it stands.
            key={index}
            className="flex items-start gap-2"
          >
            <span aria-hidden className="w-4 leading-11 font-semibold text-quiet">
              {index + 1}
            </span>
            <CheckedField
              bare
              label={`Problem ${index + 1}`}
              value={text}
              className="min-w-0 flex-1"
              of={`${problems.items.length} ${index}`}
              read={(typed) => {
                const read = readProblem(typed);
                return read.ok ? { ok: true, value: typed.trim() } : read;
              }}
              onTake={(item) => lay(({ items }) => ({ items: items.with(index, item) }))}
            />
            {problems.items.length > 1 && (
              <IconButton
                name={`Remove problem ${index + 1}`}
                onClick={() => store.getState().change((state) => withoutProblem(state, problems.id, index))}
              >
                <Trash2 aria-hidden size="1.125rem" />
              </IconButton>
            )}
          </li>
        ))}
      </ol>
      {problems.items.length < MAX_PROBLEMS && (
        <Button
          onClick={() => lay(({ items }) => ({ items: [...items, "7 + 5 = ?"].slice(0, MAX_PROBLEMS) }))}
        >
          One more problem
        </Button>
      )}
      <Choice
        label="Checking"
        value={problems.check}
        options={[
          { value: "at-once", label: "At once" },
          { value: "at-end", label: "At the end" },
          { value: "off", label: "Off" },
        ]}
        onChange={(check) => lay(() => ({ check }))}
      />
    </div>
  );
}
