import { clsx } from "clsx";
import type { CSSProperties, ReactNode } from "react";
import type { View } from "@/core/views/view";
import { ViewStage } from "../views/stages";
import { countHeight } from "./side";

/**
 * A view above arrows and their like, which stay where they are. On an upright screen it has its height from the start: what
 * it comes to say makes the board no smaller.
 */
export function OverPanel({ view, strong, panel }: { view: View; strong: boolean; panel: ReactNode }) {
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
        <ViewStage view={view} strong={strong} />
      </div>
      {/* The view keeps a row. */}
      {panel && (
        <div className="max-h-[calc(100%-5.25rem)] shrink-0 overflow-y-auto portrait:max-h-none">{panel}</div>
      )}
    </div>
  );
}
