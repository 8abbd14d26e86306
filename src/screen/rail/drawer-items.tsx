"use client";

import { BookmarkPlus, Gauge, ListFilter } from "lucide-react";
import { MenuItem, MenuLine } from "@/kit/menu";
import { pickBoardInHand, useBoard, useBoardStore } from "../store/use-board";
import { TOOL_NAMES, toolOf } from "../tools";
import { ClearItems } from "./clear-items";
import { IN_DRAWER, placeOf } from "./rail-plan";

type Props = { jumps: boolean; byRule: () => void; keepStep: () => void; setCount: () => void };

/** What the rail has no room for, in the order in which it would lie there. */
export function DrawerItems({ jumps, byRule, keepStep, setCount }: Props) {
  const board = useBoard(pickBoardInHand);
  const store = useBoardStore();
  return (
    <>
      {TOOL_NAMES.filter((name) => toolOf(name).offered(board)).map((name) => {
        const { label, icon: Icon } = toolOf(name);
        return (
          <MenuItem
            key={name}
            icon={<Icon aria-hidden size="1.25rem" />}
            className={IN_DRAWER[placeOf(name, jumps)]}
            onSelect={() => store.getState().take(name)}
          >
            {label}
          </MenuItem>
        );
      })}
      <MenuItem
        icon={<ListFilter aria-hidden size="1.25rem" />}
        className={IN_DRAWER[placeOf("by-rule", jumps)]}
        onSelect={byRule}
      >
        By rule
      </MenuItem>
      <MenuItem
        icon={<BookmarkPlus aria-hidden size="1.25rem" />}
        className={IN_DRAWER[placeOf("keep", jumps)]}
        onSelect={keepStep}
      >
        Keep as a step
      </MenuItem>
      <MenuItem
        icon={<Gauge aria-hidden size="1.25rem" />}
        className={IN_DRAWER[placeOf("set-count", jumps)]}
        onSelect={setCount}
      >
        Set the count
      </MenuItem>
      <div className={IN_DRAWER[placeOf("clear", jumps)]}>
        <MenuLine />
        <ClearItems />
      </div>
    </>
  );
}
