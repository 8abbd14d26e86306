import { clsx } from "clsx";
import { useState } from "react";
import { layoutOf } from "@/core/lesson/views-of";
import { LOW, UPRIGHT, useMedia } from "@/kit/use-media";
import { rowsOf } from "@/view/board/rows-of";
import type { ScreenDoors } from "../commands/commands";
import { pickBoard, useBoard } from "../store/use-board";
import { ViewStage } from "../views/stages";
import { BoardViews, OF_MANY, Shared, usePlaced } from "./board-views";
import { ByRule, CountPanel, Drawer, StepsStrip } from "./later";
import { OverPanel } from "./over-panel";
import { BoardPanels } from "./panels-later";
import { ARROWS, BELOW_BOARD, PREPARING, SIDE, SLIM } from "./side";
import type { useSide } from "./use-side";

type Props = {
  strong: boolean;
  room: ReturnType<typeof useSide>;
  doors: ScreenDoors;
};

/** The views of the board, and what stands beside and below them. */
export function BoardAndSide({ strong, room, doors }: Props) {
  const { side, beside, panel, shownPage, showPage, toggle, arrows } = room;
  const preparing = useBoard((state) => state.preparing);
  // When opened again, it shows the page that it showed before.
  const [rulesPage, setRulesPage] = useState("marks");
  const isBeside = useBoard((state) => layoutOf(pickBoard(state)).run !== "above");
  const share = useBoard((state) => pickBoard(state).layout.share);
  const placed = usePlaced();
  const board = useBoard((state) => pickBoard(state).id);
  // The count panel is narrow: it gives its room to whatever else is opened at the side.
  const narrow = isBeside && placed.length === 2 && placed[1]?.kind === "trail";
  const low = useMedia(LOW);
  const upright = useMedia(UPRIGHT);
  // A second view stands over the arrows, where there is room, and the main one keeps its size; not one of many rows, which
  // needs the height.
  const overPanel =
    side === "panels" &&
    isBeside &&
    placed.length === 2 &&
    rowsOf(placed[1]!) === undefined &&
    (narrow || !(upright || low));
  const besideViews = side !== "none" && !overPanel;
  const tools = <BoardPanels />;

  const below = panel?.at === "below" && <panel.Panel />;

  return (
    <div
      className={clsx(
        "grid min-h-0 flex-1 gap-4 portrait:grid-cols-1",
        // On a phone what stands beside the board stands below it, and is scrolled to.
        besideViews &&
          "phone:flex phone:flex-col phone:overflow-y-auto phone:[&>*]:shrink-0 phone:[&>*:first-child]:min-h-80 phone:[&>*:first-child]:flex-1",
        besideViews && (preparing ? PREPARING : side !== "panels" ? SIDE : arrows ? ARROWS : SLIM),
      )}
    >
      {overPanel || (narrow && !besideViews) ? (
        <Shared layout={{ run: "beside", share }} placed={placed} fits={side === "panels"}>
          <div data-place="main" className={`min-h-0 min-w-0 [&>section]:size-full ${OF_MANY}`}>
            <ViewStage view={placed[0]!} board={board} strong={strong} />
          </div>
          <OverPanel view={placed[1]!} board={board} strong={strong} panel={side === "panels" && tools} />
        </Shared>
      ) : (
        <BoardViews
          placed={narrow && (!preparing || low) ? placed.slice(0, 1) : placed}
          board={board}
          strong={strong}
        />
      )}
      {side === "panels" && !overPanel && (
        <div className="flex min-h-0 flex-col gap-4 overflow-y-auto *:first:mt-auto">{tools}</div>
      )}
      {side === "drawer" && <Drawer page={shownPage} onPage={showPage} />}
      {side === "count" && <CountPanel onClose={() => toggle("count")} />}
      {side === "rules" && <ByRule page={rulesPage} onPage={setRulesPage} />}
      {side === "tool" &&
        beside &&
        (narrow && beside.withCount ? (
          // The count panel stays while jumps are made.
          <div className="flex min-h-0 flex-col gap-4">
            <div className="h-[30%] min-h-0 shrink-0">
              <ViewStage view={placed[1]!} board={board} strong={strong} />
            </div>
            <beside.Panel />
          </div>
        ) : (
          <beside.Panel />
        ))}
      {preparing && (
        <div className={BELOW_BOARD}>
          {below}
          <StepsStrip keepStep={doors.keepStep} fromRecipe={doors.fromRecipe} />
        </div>
      )}
    </div>
  );
}
