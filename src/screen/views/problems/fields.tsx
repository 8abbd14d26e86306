"use client";

import { Trash2 } from "lucide-react";
import { readProblem } from "@/core/count/problem";
import { MAX_PROBLEMS } from "@/core/views/kinds/problems";
import type { ViewOf } from "@/core/views/view";
import { Button, IconButton } from "@/kit/button";
import { Choice } from "@/kit/choice";
import { CheckedField } from "../../prepare/checked-field";
import { useLay } from "../../store/use-board";

/** The problems, a line each, and when their answers are checked. */
export function ProblemFields({ view: problems }: { view: ViewOf<"problems"> }) {
  const lay = useLay(problems);
  return (
    <div className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-2">
        {problems.items.map((text, index) => (
          <div
            // biome-ignore lint/suspicious/noArrayIndexKey: a problem is where it stands.
            key={index}
            className="flex items-end gap-1"
          >
            <CheckedField
              label={`Problem ${index + 1}`}
              value={text}
              className="min-w-0 flex-1"
              of={String(index)}
              read={(typed) => {
                const read = readProblem(typed);
                return read.ok ? { ok: true, value: typed.trim() } : read;
              }}
              onTake={(item) => lay(({ items }) => ({ items: items.with(index, item) }))}
            />
            {problems.items.length > 1 && index === problems.items.length - 1 && (
              <IconButton
                name={`Remove problem ${index + 1}`}
                onClick={() => lay(({ items }) => ({ items: items.slice(0, -1) }))}
              >
                <Trash2 aria-hidden size="1.125rem" />
              </IconButton>
            )}
          </div>
        ))}
      </div>
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
