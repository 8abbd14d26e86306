"use client";

import { PencilLine } from "lucide-react";
import { useMemo } from "react";
import { partsOf, writerOf } from "@/core/lesson/views-of";
import { IconButton } from "@/kit/button";
import { say } from "@/kit/messages";
import { Popover } from "@/kit/popover";
import { Segments } from "@/kit/segments";
import { Compare } from "@/view/sentence/compare";
import { Pairs } from "@/view/sentence/pairs";
import { Sentence } from "@/view/sentence/sentence";
import { Way } from "@/view/sentence/way";
import { useAsks } from "../board/chart-stage";
import { sceneNow } from "../board/on-show";
import type { StageProps } from "../board/stages";
import { pickBoard, useBoard, useBoardStore, useSceneSource } from "../board/use-board";
import { lineActionsOf } from "./line-actions";
import { SentenceField } from "./sentence-field";

const INVITATION = "No jump yet.";

/** The number sentence of the trail, in a place of its own. */
export function SentenceStage({ view, strong }: StageProps<"sentence">) {
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  const write = useWrite();
  return (
    <section
      aria-label="Number sentence"
      className="flex size-full min-h-0 min-w-0 items-center rounded-card bg-board px-4"
    >
      <div className="h-full min-w-0 flex-1">
        <Sentence
          settings={view}
          source={source}
          strong={strong}
          asks={asks}
          write={write}
          invitation={INVITATION}
          onNumber={(number) => touch(store, number)}
          onJumps={(jumps) => lineActionsOf(store).touchJump(jumps, "size")}
        />
      </div>
      <Popover
        label="Write a number sentence"
        button={
          <IconButton name="Write a number sentence">
            <PencilLine aria-hidden size={20} />
          </IconButton>
        }
      >
        <SentenceField />
      </Popover>
    </section>
  );
}

/** The stops of the trail, in a place of their own. */
export function WayStage({ strong }: StageProps<"way">) {
  const parts = useBoard((state) => partsOf(pickBoard(state)));
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  const write = useWrite();
  return (
    <section aria-label="Stops" className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-2">
      <Way
        parts={parts}
        source={source}
        strong={strong}
        asks={asks}
        write={write}
        invitation={INVITATION}
        onNumber={(number) => touch(store, number)}
      />
    </section>
  );
}

/** How far it is to the next ten, in a place of its own. */
export function PairsStage({ view }: StageProps<"pairs">) {
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  const write = useWrite();
  return (
    <section
      aria-label="To the next ten"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3"
    >
      <div className="min-h-0 flex-1">
        <Pairs
          onFar={() => {
            const { tool, act } = store.getState();
            const covered = sceneNow(store.getState()).farCovered.includes(view.id);
            // Covered by the cover, lifted by any other touch: there is nothing else to do to a distance.
            if (covered !== (tool === "cover")) act([[{ do: "cover-far", view: view.id, on: !covered }]]);
          }}
          settings={view}
          source={source}
          asks={asks}
          write={write}
          onNumber={(number) => touch(store, number)}
        />
      </div>
      <Segments
        label="Which ten"
        value={view.way}
        options={[
          { value: "on", label: "To the next ten" },
          { value: "back", label: "Back to a ten" },
        ]}
        onChange={(way) => store.getState().setTo({ of: "view", is: { ...view, way } })}
      />
    </section>
  );
}

/** Two numbers to be compared, in a place of their own. */
export function CompareStage({ view }: StageProps<"compare">) {
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  const write = useWrite();
  return (
    <section
      aria-label="Two numbers compared"
      className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-2"
    >
      <Compare
        settings={view}
        source={source}
        asks={asks}
        write={write}
        onNumber={(number) => touch(store, number)}
        onSign={(sign) => {
          const fault = lineActionsOf(store).chooseSign(view.id, sign);
          if (fault) say(fault);
        }}
      />
    </section>
  );
}

/** How the board writes its numbers. */
function useWrite() {
  const board = useBoard(pickBoard);
  return useMemo(() => writerOf(board), [board]);
}

/** What the tool in hand does to a number, wherever it is seen. */
function touch(store: ReturnType<typeof useBoardStore>, number: string) {
  const finger = -2;
  store.getState().beginRun(number, finger);
  store.getState().endRun(finger);
}
