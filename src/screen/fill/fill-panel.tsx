"use client";

import { clsx } from "clsx";
import { Lightbulb } from "lucide-react";
import type { Fill } from "@/core/puzzle/fill-settings";
import { Button } from "@/kit/button";
import { keepKeyboard } from "@/kit/rail-button";
import { Segments } from "@/kit/segments";
import { pickBoard, useBoard, useBoardStore } from "../store/use-board";
import { fillActionsOf } from "./fill-actions";
import { FillSettings } from "./fill-settings";
import { Home, HomeWords } from "./home";
import { Keypad } from "./keypad";
import { Tray } from "./tray";

const WAYS = [
  { value: "keypad", label: "Keypad" },
  { value: "tiles", label: "Tiles" },
  { value: "home", label: "Where it goes" },
] as const satisfies readonly { value: Fill["by"]; label: string }[];

/** How covered cells are filled: the keypad, the answer tiles, or the number whose home is looked for. */
export function FillPanel({ className = "bg-board p-4" }: { className?: string }) {
  const fill = useBoard((state) => pickBoard(state).fill);
  const preparing = useBoard((state) => state.preparing);
  const store = useBoardStore();
  return (
    <section
      aria-label="Write"
      className={clsx("@container flex min-h-0 flex-col overflow-y-auto rounded-card", className)}
    >
      {/* Below a chart, where there is room, the keys stand beside the rest. */}
      <div
        className={clsx(
          "flex min-h-0 flex-1 flex-col gap-2",
          fill.by !== "tiles" &&
            "@min-[35rem]:grid @min-[35rem]:grid-cols-[5fr_6fr] @min-[35rem]:grid-rows-[auto_minmax(0,1fr)_auto] @min-[35rem]:gap-x-5",
        )}
      >
        <div className="flex items-center gap-1">
          <div className="@container min-w-0 flex-1">
            <Segments
              label="How squares are filled"
              value={fill.by}
              options={WAYS}
              onChange={(by) => fillActionsOf(store).setFill({ by })}
            />
          </div>
          <FillSettings />
        </div>
        {/* Messages grow in this upper part; the keys below stay where they are. */}
        <section
          aria-label="What is asked"
          className={clsx("flex flex-1 flex-col gap-3 overflow-y-auto", preparing ? "min-h-4" : "min-h-20")}
          // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keys.
          tabIndex={0}
          onMouseDown={keepKeyboard}
        >
          <Told />
          {fill.by === "tiles" && <Tray />}
          {fill.by === "home" && <HomeWords />}
        </section>
        {fill.by !== "tiles" && (
          <div className="shrink-0 @min-[35rem]:col-start-2 @min-[35rem]:row-span-3 @min-[35rem]:row-start-1 @min-[35rem]:self-start">
            {fill.by === "keypad" ? <Keypad /> : <Home />}
          </div>
        )}
        {fill.check === "at-end" && fill.by !== "home" && (
          <Button
            tone="strong"
            className="h-press shrink-0"
            onClick={() => fillActionsOf(store).checkWritten()}
          >
            Check what is written
          </Button>
        )}
      </div>
    </section>
  );
}

/** The last message to the pupil, with a hint if one can be given. */
function Told() {
  const told = useBoard((state) => state.hand.told);
  const at = useBoard((state) => state.hand.at);
  const hints = useBoard((state) => pickBoard(state).fill.hints);
  const store = useBoardStore();
  const canHint = hints && (told?.about ?? (told ? null : at)) !== null;
  return (
    <div className="flex items-start gap-2 empty:hidden">
      <p aria-live="polite" data-part="told" className="flex-1 text-large leading-snug font-semibold">
        {told?.words}
      </p>
      {canHint && (
        <Button
          className="ml-auto h-press px-3"
          onMouseDown={keepKeyboard}
          onClick={() => fillActionsOf(store).giveHint()}
        >
          <Lightbulb aria-hidden size="1.1875rem" /> Hint
        </Button>
      )}
    </div>
  );
}
