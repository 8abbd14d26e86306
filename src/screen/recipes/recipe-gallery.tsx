"use client";

import { clsx } from "clsx";
import { RadioGroup } from "radix-ui";
import type { Board } from "@/core/lesson/board";
import { type RecipeInputs, recipeOf } from "@/core/lesson/recipes/any";
import { Select } from "@/kit/select";
import { ORDINARY } from "@/view/drawing";
import { SettingFields } from "../prepare/setting-fields";
import { DrawnHere } from "../views/drawn-here";
import type { InHand } from "./use-recipe";

/** The recipes on offer, in named groups. */
export type Offered = readonly { readonly name: string; readonly kinds: readonly RecipeInputs["kind"][] }[];

const ROOM = { width: 1040, height: 600 };
/** Number of steps shown as pictures before a stair is written. */
const SHOWN = 6;

/** Recipes to choose from, the inputs of the chosen one, and the first steps that it makes. */
export function RecipeGallery({ offered, inHand }: { offered: Offered; inHand: InHand }) {
  const { inputs, fault, board, choose, set } = inHand;
  const { name, about, fields, presets = [] } = recipeOf(inputs);
  const stair = board.stair.length > 0;
  const nameOf = (kind: RecipeInputs["kind"]) => recipeOf({ kind } as RecipeInputs).name;
  return (
    // In a low window there is no room for a separate list: the dialog is scrolled as a whole.
    <div className="flex min-h-0 flex-1 gap-7 max-md:flex-col low:flex-none">
      <div className="md:hidden">
        <Select
          label="What to begin with"
          value={inputs.kind}
          onChange={choose}
          options={offered.map((group) => ({
            name: group.name,
            options: group.kinds.map((value) => ({ value, label: nameOf(value) })),
          }))}
        />
      </div>
      <RadioGroup.Root
        aria-label="What to begin with"
        value={inputs.kind}
        onValueChange={(kind) => choose(kind as RecipeInputs["kind"])}
        className="flex w-[16.5rem] shrink-0 flex-col gap-0.5 overflow-y-auto rounded-card bg-mist p-2 max-md:hidden max-lg:w-[13.5rem] low:max-h-80"
      >
        {offered.map((group) => (
          <div key={group.name} className="flex flex-col gap-0.5 pb-2">
            {offered.length > 1 && (
              <p className="px-3 pt-2 pb-1 text-small font-semibold text-quiet">{group.name}</p>
            )}
            {group.kinds.map((kind) => (
              <RadioGroup.Item
                key={kind}
                value={kind}
                className="min-h-press rounded-button px-3 py-1.5 text-left leading-tight font-semibold hover:bg-wall data-[state=checked]:bg-ink data-[state=checked]:text-board"
              >
                {nameOf(kind)}
              </RadioGroup.Item>
            ))}
          </div>
        ))}
      </RadioGroup.Root>
      <div className="@container flex min-h-0 min-w-0 flex-1 flex-col gap-4 overflow-y-auto pr-1 pb-1 low:overflow-visible">
        <div>
          <h3 className="text-large font-bold">{name}</h3>
          <p className="mt-0.5 text-quiet">{about}</p>
        </div>
        {presets.length > 0 && (
          <div className="flex flex-wrap gap-1.5">
            {presets.map((one) => (
              <button
                key={one.name}
                type="button"
                aria-pressed={JSON.stringify(one.inputs) === JSON.stringify(inputs)}
                onClick={() => set(one.inputs)}
                className="h-press rounded-full border border-edge px-3.5 text-small font-semibold hover:border-ink aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-board"
              >
                {one.name}
              </button>
            ))}
          </div>
        )}
        <div
          className={clsx(
            "flex flex-col gap-4",
            !stair && "@min-[38.75rem]:grid @min-[38.75rem]:grid-cols-[18.25rem_1fr] @min-[38.75rem]:gap-6",
          )}
        >
          <div className="flex flex-col gap-3">
            {/* Another recipe has other fields, even if some have the same name. */}
            <SettingFields
              key={inputs.kind}
              of={inputs.kind}
              fields={fields}
              settings={inputs}
              onSet={set}
              beside={stair ? 4 : 2}
            />
            <p aria-live="polite" className="font-medium text-wrong">
              {fault}
            </p>
          </div>
          {stair ? (
            <Steps board={board} dim={fault !== null} />
          ) : (
            // Below two rows of presets it is whole, and it stays in sight beside a long form.
            <div className="sticky top-0 z-10 order-first w-full max-w-[max(17.5rem,calc((100dvh-32rem)*1.73))] min-w-0 self-start rounded-card bg-mist p-3 max-md:static @min-[38.75rem]:order-none">
              <div className={clsx("aspect-[1040/600]", fault && "opacity-40")}>
                <Picture board={board} at={0} />
              </div>
            </div>
          )}
        </div>
      </div>
    </div>
  );
}

/** The board as it opens, and its first steps. */
function Steps({ board, dim }: { board: Board; dim: boolean }) {
  const shown = [null, ...board.stair.slice(0, SHOWN - 1)];
  return (
    <ol
      aria-label="The first steps"
      className={clsx("grid gap-3 @min-[38.75rem]:grid-cols-2", dim && "opacity-40")}
    >
      {shown.map((step, at) => (
        <li key={step?.id ?? "start"} className="flex gap-3 rounded-card bg-mist p-3">
          <div className="aspect-[1040/600] w-[54%] shrink-0">
            <Picture board={board} at={at} />
          </div>
          <div className="min-w-0 flex-1 pt-1 leading-snug">
            <p className="font-bold">{step ? step.title : "Start of the board"}</p>
            <p className="mt-1 line-clamp-5 text-small text-quiet">{step ? step.question : board.title}</p>
          </div>
        </li>
      ))}
    </ol>
  );
}

const Picture = ({ board, at }: { board: Board; at: number }) => (
  <DrawnHere of={`${board.id} ${at}`} board={board} at={at} room={ROOM} theme={ORDINARY} from="here" />
);
