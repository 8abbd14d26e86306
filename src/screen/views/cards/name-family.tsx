"use client";

import { useState } from "react";
import { Button } from "@/kit/button";

type Props = { family: number; name: string; onDone: (name: string | null) => void };

/** What the class calls a family. */
export function NameFamily({ family, name, onDone }: Props) {
  const [typed, setTyped] = useState(name);
  return (
    <form
      className="flex shrink-0 flex-wrap items-end gap-2 border-rule border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        onDone(typed.trim());
      }}
    >
      <label className="flex min-w-48 flex-1 flex-col gap-1 font-semibold">
        What do the cards of family {family + 1} share?
        <input
          // The field was opened by a touch on the name.
          // biome-ignore lint/a11y/noAutofocus: it replaces what was touched.
          autoFocus
          value={typed}
          maxLength={60}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          className="h-touch rounded-button border-2 border-edge px-3 text-large"
        />
      </label>
      <Button type="submit" tone="strong" className="h-touch px-5">
        Done
      </Button>
      <Button className="h-touch px-5" onClick={() => onDone(null)}>
        Cancel
      </Button>
    </form>
  );
}
