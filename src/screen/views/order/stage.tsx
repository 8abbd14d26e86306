"use client";

import {
  type Announcements,
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  type UniqueIdentifier,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import {
  arrayMove,
  rectSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
} from "@dnd-kit/sortable";
import { CheckCheck, ListOrdered } from "lucide-react";
import { type ReactNode, useId, useState } from "react";
import { COMPARED, type Compared, compared } from "@/core/number/compared";
import { digitsOfTyped } from "@/core/number/deciding";
import { exact, keyOfText } from "@/core/number/exact";
import { PLACE_KEYS } from "@/core/number/place-value";
import { placeKey } from "@/core/number/place-words";
import { showNumber } from "@/core/number/show-number";
import { isCoveredPart } from "@/core/scene/covered-part";
import { isCoveredAt } from "@/core/scene/scene";
import { AS_GIVEN } from "@/core/scene/slices/ordering";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { keepKeyboard } from "@/kit/rail-button";
import { useSureDrop } from "@/kit/use-sure-drop";
import { OrderDrawing, rowOf } from "@/view/order/order-drawing";
import { sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { touchNumber } from "../on-number";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

const NAMES: Record<Compared, string> = { "<": "Less than", "=": "Equal to", ">": "Greater than" };

/** Numbers to be put in order, in a place of their own. */
export function OrderStage({ view, strong }: StageProps<"order">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const [chosen, setChosen] = useState(0);
  const { id } = view;
  const context = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const row = rowOf(view, drawn.scene);
  const state = drawn.scene.ordered[id] ?? AS_GIVEN;
  const values = view.numbers.map((text) => exact(text));
  const places = digitsOfTyped(view.numbers)?.places ?? [];
  const act = store.getState().act;
  const dropping = useSureDrop(closestCenter, (what, over) => {
    if (over === null || what === over) return;
    const at = (item: UniqueIdentifier) => row.indexOf(Number(item));
    act([[{ do: "put-in-order", view: id, order: arrayMove(row, at(what), at(over)) }]]);
  });
  const lit = state.place === null ? -1 : places.indexOf(PLACE_KEYS.indexOf(state.place) - 3);
  const next = places[lit + 1];
  const look = () =>
    act([
      [
        { do: "compare-at", view: id, place: next === undefined ? null : placeKey(next) },
        { do: "cover-part", view: id, part: "deciding", on: true },
      ],
    ]);
  const touchDeciding = () =>
    turnPart(store, id, "deciding", isCoveredPart(sceneInHand(store.getState()), id, "deciding", true));
  const check = () => {
    const wanted = view.first === "smallest" ? 1 : -1;
    const wrong = row.findIndex(
      (index, at) => at > 0 && values[row[at - 1]!]!.compare(values[index]!) * wanted > 0,
    );
    say(
      wrong < 0
        ? `In order, the ${view.first} first.`
        : `Not yet: look at number ${wrong} and number ${wrong + 1} of the row.`,
    );
  };
  const choose = (sign: Compared) => {
    const at = Math.min(chosen, row.length - 2);
    const [a, b] = [values[row[at]!]!, values[row[at + 1]!]!];
    if (compared(a, b) !== sign) return say("Another sign belongs there.");
    act([[{ do: "sign-between", view: id, at, sign: state.signs[at] === sign ? null : sign }]]);
    if (at < row.length - 2) setChosen(at + 1);
  };
  const nameOf = (index: number) =>
    isCoveredAt(drawn.scene, keyOfText(view.numbers[index]!))
      ? "Covered number"
      : showNumber(view.numbers[index]!);
  const touchCard = (index: number) => touchNumber(store, keyOfText(view.numbers[index]!));
  const piecesCovered = isCoveredPart(drawn.scene, id, "pieces", view.pieces === "covered");
  return (
    <section
      aria-label="Numbers in order"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <DndContext
          id={context}
          sensors={sensors}
          {...dropping}
          accessibility={{ announcements: announced(nameOf), screenReaderInstructions: INSTRUCTIONS }}
        >
          <SortableContext items={row.map(String)} strategy={rectSortingStrategy}>
            <OrderDrawing
              view={view}
              {...drawn}
              onDeciding={touchDeciding}
              sign={{ at: Math.min(chosen, row.length - 2), onTouch: setChosen }}
              card={(index, card) => (
                <Card index={index} name={nameOf(index)} onTouch={() => touchCard(index)}>
                  {card}
                </Card>
              )}
            />
          </SortableContext>
        </DndContext>
      </div>
      <ViewButtons>
        {view.signs === "shown" &&
          COMPARED.map((sign) => (
            <button
              key={sign}
              type="button"
              aria-label={NAMES[sign]}
              onMouseDown={keepKeyboard}
              onClick={() => choose(sign)}
              className="h-touch w-20 rounded-button border-2 border-edge bg-mist font-numeral text-title hover:border-ink"
            >
              {sign}
            </button>
          ))}
        {places.length > 0 && (
          <Button className="h-touch px-5" onClick={look}>
            <ListOrdered aria-hidden size="1.375rem" />
            {lit < 0 ? "Light the first place" : next === undefined ? "No place" : "Light the next place"}
          </Button>
        )}
        {view.pieces !== "none" && (
          <Button
            className="h-touch px-5"
            onClick={() => act([[{ do: "cover-part", view: id, part: "pieces", on: !piecesCovered }]])}
          >
            {piecesCovered ? "Show the pieces" : "Cover the pieces"}
          </Button>
        )}
        <Button className="h-touch px-5" onClick={check}>
          <CheckCheck aria-hidden size="1.375rem" /> Check the order
        </Button>
      </ViewButtons>
    </section>
  );
}

const INSTRUCTIONS = {
  draggable: "Press space to take the number up, the arrow keys to carry it, and space again to put it down.",
};

/** Screen reader messages while a number is being moved. */
const announced = (nameOf: (index: number) => string): Announcements => {
  const name = (item: { id: UniqueIdentifier }) => nameOf(Number(item.id));
  return {
    onDragStart: ({ active }) => `${name(active)} taken up.`,
    onDragOver: ({ active, over }) =>
      over && over.id !== active.id ? `${name(active)} at the place of ${name(over)}.` : undefined,
    onDragEnd: ({ active }) => `${name(active)} put down.`,
    onDragCancel: ({ active }) => `${name(active)} stays where it was.`,
  };
};

type CardProps = { index: number; name: string; children: ReactNode; onTouch: () => void };

/** A number that is moved to its place by a drag, or by the keyboard: space picks it up, arrows move it. */
function Card({ index, name, children, onTouch }: CardProps) {
  const { attributes, listeners, setNodeRef, transform, transition, isDragging } = useSortable({
    id: String(index),
  });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...attributes}
      {...listeners}
      aria-roledescription="number to be put in order"
      aria-label={name}
      onClick={onTouch}
      className={`touch-none ${isDragging ? "z-10 opacity-90" : ""}`}
      style={{
        transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
        transition,
      }}
    >
      {children}
    </button>
  );
}
