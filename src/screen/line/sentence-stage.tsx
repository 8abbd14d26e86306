"use client";

import { PencilLine } from "lucide-react";
import { IconButton } from "@/kit/button";
import { Popover } from "@/kit/popover";
import { Sentence } from "@/view/sentence/sentence";
import { Way } from "@/view/sentence/way";
import { useAsks } from "../board/chart-stage";
import { pickBoard, useBoard, useBoardStore, useSceneSource } from "../board/use-board";
import { SentenceField } from "./sentence-field";

const INVITATION = "No jump yet.";

/** The number sentence of the trail, in a place of its own. */
export function SentenceStage({ strong }: { strong: boolean }) {
  const settings = useBoard((state) => pickBoard(state).views.find((view) => view.kind === "sentence"));
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  if (settings?.kind !== "sentence") return null;
  return (
    <section
      aria-label="Number sentence"
      className="flex size-full min-h-0 min-w-0 items-center rounded-card bg-board px-4"
    >
      <div className="h-full min-w-0 flex-1">
        <Sentence
          settings={settings}
          source={source}
          strong={strong}
          asks={asks}
          invitation={INVITATION}
          onNumber={(number) => touch(store, number)}
          onJumps={(jumps) => store.getState().touchJump(jumps, "size")}
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
        <SentenceField choosesWay />
      </Popover>
    </section>
  );
}

/** The stops of the trail, in a place of their own. */
export function WayStage({ strong }: { strong: boolean }) {
  const store = useBoardStore();
  const source = useSceneSource("after paint");
  const asks = useAsks();
  return (
    <section aria-label="Stops" className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-2">
      <Way
        source={source}
        strong={strong}
        asks={asks}
        invitation={INVITATION}
        onNumber={(number) => touch(store, number)}
      />
    </section>
  );
}

/** What the tool in hand does to a number, wherever it is seen. */
function touch(store: ReturnType<typeof useBoardStore>, number: string) {
  const finger = -2;
  store.getState().beginRun(number, finger);
  store.getState().endRun(finger);
}
