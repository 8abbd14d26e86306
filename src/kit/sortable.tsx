"use client";

import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  rectSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from "@dnd-kit/sortable";
import { CSS } from "@dnd-kit/utilities";
import { clsx } from "clsx";
import { GripVertical } from "lucide-react";
import type { ReactNode } from "react";
import { useSureDrop } from "./use-sure-drop";

type Props = {
  /** The ids of the items, in order. */
  ids: readonly string[];
  as: "list" | "grid";
  /** An item was moved from one position to another. */
  onMove: (from: number, to: number) => void;
  children: ReactNode;
};

/** A list whose items can be reordered, by drag and by keys. */
export function Sortable({ ids, as, onMove, children }: Props) {
  const sensors = useSensors(
    // A touch that moves less than this is a press.
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropping = useSureDrop(closestCenter, (what, over) => {
    const [from, to] = [ids.indexOf(String(what)), ids.indexOf(String(over))];
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to);
  });
  return (
    <DndContext sensors={sensors} {...dropping}>
      <SortableContext
        items={[...ids]}
        strategy={as === "list" ? verticalListSortingStrategy : rectSortingStrategy}
      >
        {children}
      </SortableContext>
    </DndContext>
  );
}

type ItemProps = {
  id: string;
  className: string;
  /** The name of the item, for its handle. */
  name: string;
  gripClass?: string;
  children: (grip: ReactNode) => ReactNode;
};

/** An item of a sortable list, with its handle. */
export function SortableItem({ id, className, name, gripClass, children }: ItemProps) {
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id });
  const grip = (
    <button
      type="button"
      aria-label={`Move ${name}`}
      className={clsx(
        "flex w-11 shrink-0 cursor-grab touch-none items-center justify-center text-quiet hover:bg-wall",
        gripClass,
      )}
      {...attributes}
      {...listeners}
    >
      <GripVertical aria-hidden size="1.25rem" />
    </button>
  );
  return (
    <li
      ref={setNodeRef}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      className={clsx(className, isDragging && "relative z-10 opacity-80")}
    >
      {children(grip)}
    </li>
  );
}
