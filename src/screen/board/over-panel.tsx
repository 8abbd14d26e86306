import { clsx } from "clsx";
import type { ComponentProps, CSSProperties, ReactNode } from "react";
import { ViewStage } from "../views/stages";
import { countHeight } from "./side";

/**
 * A view above a panel such as the arrows, which stays where it is. On an upright screen the view has its full height
 * from the start: whatever it says later takes nothing from the board.
 */
export function OverPanel({ panel, ...stage }: ComponentProps<typeof ViewStage> & { panel: ReactNode }) {
  const { view } = stage;
  return (
    <div className="flex min-h-0 flex-col gap-4 cramped:shrink-0">
      <div
        data-place="side"
        style={{ "--high": `${countHeight(view)}rem` } as CSSProperties}
        className={clsx(
          "min-h-0 flex-1 [container-type:size] cramped:min-h-24 cramped:[container-type:normal]",
          panel && "portrait:h-(--high) portrait:flex-none cramped:h-auto",
        )}
      >
        <ViewStage {...stage} />
      </div>
      {/* The view keeps a row. */}
      {panel && (
        <div className="max-h-[calc(100%-5.25rem)] shrink-0 overflow-y-auto portrait:max-h-none">{panel}</div>
      )}
    </div>
  );
}
