"use client";

import { Grid3x3, Minus, Plus, RotateCw } from "lucide-react";
import { useState } from "react";
import { withArticle } from "@/core/lesson/article";
import { layCounters } from "@/core/lesson/lay-groups";
import { isCoveredPart } from "@/core/scene/covered-part";
import { groupedOf } from "@/core/scene/grouped";
import type { Beat } from "@/core/scene/move";
import { MAX_COUNTERS, MAX_GROUPS } from "@/core/views/kinds/groups";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { Popover } from "@/kit/popover";
import { WriteSign } from "@/kit/signs";
import { type GroupPart, GroupsDrawing } from "@/view/groups/groups-drawing";
import { boardInHand, sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { NumberPad } from "../number-pad";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

/** Equal groups, laid on the numbers of the board, in a place of their own. */
export function GroupsStage({ view, strong }: StageProps<"groups">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const [open, setOpen] = useState(false);
  const { id, each } = view;
  const grouped = groupedOf(drawn.scene, view);
  const { groups, laid, as } = grouped;
  const scene = () => sceneInHand(store.getState());
  const act = (beats: Beat[]) => store.getState().act(beats);
  const lay = (count: number) => {
    const beats = layCounters(boardInHand(store.getState()), scene(), view, count);
    if (beats.length > 0) return act(beats);
    say(count > 0 ? "All counters are laid." : "No counter is laid yet.");
  };
  // To the end of the group that was begun, or one whole group.
  const layGroup = () => lay(each - (laid % each));
  const change = (by: 1 | -1) => {
    const now = groupedOf(scene(), view);
    const next = now.groups + by;
    if (next < 0 || next > MAX_GROUPS || next * each > MAX_COUNTERS)
      return say(next < 0 ? "There is no group to take away." : "There is room for 120 counters.");
    // The counters of a group that is taken away come off their numbers first.
    const off =
      now.laid > next * each
        ? layCounters(boardInHand(store.getState()), scene(), view, next * each - now.laid)
        : [];
    act([
      ...off,
      [
        { do: "groups", view: id, groups: next, laid: Math.min(now.laid, next * each) },
        // The written answer was for other groups.
        { do: "write-for", view: id, says: null },
      ],
    ]);
  };
  const touchPart = (part: GroupPart) => {
    const fromStart = view[part === "size" ? "size" : "all"] === "covered";
    turnPart(store, id, part, isCoveredPart(scene(), id, part, fromStart));
  };
  const touchGroup = (group: number) =>
    act([[{ do: "turn-group", view: id, group, on: !grouped.turned.includes(group) }]]);
  const next = { groups: "rows", rows: "columns", columns: "groups" } as const;
  const names = { groups: "As rows", rows: "Turn it", columns: "As groups" } as const;
  return (
    <section
      aria-label="Equal groups"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <GroupsDrawing view={view} {...drawn} onGroup={touchGroup} onPart={touchPart} />
      </div>
      <ViewButtons>
        <Button className="h-touch px-4" onClick={() => lay(1)}>
          Lay one
        </Button>
        <Button tone="stair" className="h-touch px-4" onClick={layGroup}>
          Lay {withArticle(view.holder || "group")}
        </Button>
        <Button className="h-touch px-4" onClick={() => lay(groups * each)}>
          Lay all
        </Button>
        <Button className="h-touch px-4" disabled={laid === 0} onClick={() => lay(-(laid % each || each))}>
          Take back {withArticle(view.holder || "group")}
        </Button>
        <Popover
          label="Which number will be the last one covered?"
          side="top"
          align="center"
          open={open}
          onOpenChange={setOpen}
          button={
            <Button className="h-touch px-4">
              <WriteSign aria-hidden size="1.375rem" /> Write the last
            </Button>
          }
        >
          <NumberPad
            onDone={(says) => {
              setOpen(false);
              act([[{ do: "write-for", view: id, says }]]);
            }}
          />
        </Popover>
        <span className="mx-1 h-press w-px bg-rule" />
        <Button
          className="h-touch px-4"
          aria-label={`One ${view.holder || "group"} fewer`}
          onClick={() => change(-1)}
        >
          <Minus aria-hidden size="1.375rem" />
        </Button>
        <Button
          className="h-touch px-4"
          aria-label={`One more ${view.holder || "group"}`}
          onClick={() => change(1)}
        >
          <Plus aria-hidden size="1.375rem" />
        </Button>
        <Button className="h-touch px-4" onClick={() => act([[{ do: "arrange", view: id, as: next[as] }]])}>
          {as === "rows" ? <RotateCw aria-hidden size="1.375rem" /> : <Grid3x3 aria-hidden size="1.375rem" />}
          {names[as]}
        </Button>
      </ViewButtons>
    </section>
  );
}
