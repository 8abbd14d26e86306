"use client";

import {
  DndContext,
  PointerSensor,
  rectIntersection,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import { Columns2, Undo2 } from "lucide-react";
import { type ReactNode, useId, useState } from "react";
import { chartOf } from "@/core/lesson/views-of";
import type { Move } from "@/core/scene/move";
import { UNSORTED } from "@/core/scene/slices/sorting";
import { INKS } from "@/core/set/ink";
import { Button, TurnButton } from "@/kit/button";
import { say } from "@/kit/messages";
import { useSureDrop } from "@/kit/use-sure-drop";
import { CardsDrawing } from "@/view/cards/cards-drawing";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";
import { NameFamily } from "./name-family";

/** Maximum number of cards to compare: one ink each. */
const MAX_COMPARED = 4;

/** Pattern cards, sorted into families by drag, by touch and by keys. */
export function CardsStage({ view, strong }: StageProps<"cards">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const { id } = view;
  const { homes, names } = drawn.scene.sorted[id] ?? UNSORTED;
  const context = useId();
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [naming, setNaming] = useState<number | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const act = (moves: Move[]) => store.getState().act([moves]);
  const familyOf = (card: number) => homes.find((one) => one.card === card)?.family ?? null;
  const dropping = useSureDrop(rectIntersection, (what, over) => {
    const card = Number(what);
    if (over === null) return;
    const family = over === "others" ? null : Number(String(over).slice("family ".length));
    if (familyOf(card) !== family) act([{ do: "sort-card", view: id, card, family }]);
  });
  const choose = (card: number) =>
    setChosen((was) =>
      was.includes(card) ? was.filter((one) => one !== card) : [...was, card].slice(-MAX_COMPARED),
    );
  const lay = (family: number | null) => {
    act(chosen.map((card): Move => ({ do: "sort-card", view: id, card, family })));
    setChosen([]);
  };
  const compare = () => {
    if (!chartOf(drawn.board)) return say("Add a hundred chart to this board to compare cards on it.");
    act([
      { do: "clear-marks", ink: null },
      ...view.cards
        .filter((card) => chosen.includes(card.id))
        .map(({ rule }, i): Move => ({ do: "mark", ink: INKS[i]!, numbers: rule })),
    ]);
    setChosen([]);
  };
  return (
    <section
      aria-label="Pattern cards"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <DndContext
          id={context}
          sensors={sensors}
          {...dropping}
          accessibility={{ screenReaderInstructions: INSTRUCTIONS }}
        >
          <CardsDrawing
            view={view}
            {...drawn}
            onTell={(card, on) => act([{ do: "tell-card", view: id, card, on }])}
            onName={setNaming}
            card={(of, place, card) => (
              <Card id={of} place={place} chosen={chosen.includes(of)} onTouch={() => choose(of)}>
                {card}
              </Card>
            )}
            family={(index, pile) => <Family index={index}>{pile}</Family>}
          />
        </DndContext>
      </div>
      {naming !== null && (
        <NameFamily
          key={naming}
          family={naming}
          name={names[naming] ?? ""}
          onDone={(name) => {
            if (name !== null) act([{ do: "name-family", view: id, family: naming, name }]);
            setNaming(null);
          }}
        />
      )}
      <ViewButtons>
        {chosen.length === 0 ? (
          <p className="flex h-touch items-center text-quiet">
            {view.families > 0
              ? "Drag a card into a family, or touch it and choose one."
              : "Touch cards to compare them."}
          </p>
        ) : (
          <>
            {Array.from({ length: view.families }, (_, family) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a family is where it stands.
              <Button key={family} className="h-touch max-w-64 px-5" onClick={() => lay(family)}>
                <span className="truncate">{names[family] || `Family ${family + 1}`}</span>
              </Button>
            ))}
            {chosen.some((card) => familyOf(card) !== null) && (
              <Button className="h-touch px-5" onClick={() => lay(null)}>
                <Undo2 aria-hidden size="1.375rem" /> Out of its family
              </Button>
            )}
            <Button tone="strong" className="h-touch px-5" disabled={chosen.length < 2} onClick={compare}>
              <Columns2 aria-hidden size="1.375rem" /> Compare on the chart
            </Button>
          </>
        )}
      </ViewButtons>
    </section>
  );
}

/** With keys a card is chosen, and then its family. */
const INSTRUCTIONS = { draggable: "Press Enter to choose the card, then choose a family below the cards." };

type CardProps = { id: number; place: number; chosen: boolean; onTouch: () => void; children: ReactNode };

function Card({ id, place, chosen, onTouch, children }: CardProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: String(id) });
  return (
    <TurnButton
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      aria-label={`Card ${place}`}
      aria-pressed={chosen}
      onClick={onTouch}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      className={`touch-none rounded-sign ${isDragging ? "relative z-30 shadow-none" : ""} ${chosen ? "outline-5 outline-coral-dot" : ""}`}
    >
      {children}
    </TurnButton>
  );
}

function Family({ index, children }: { index: number | null; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id: index === null ? "others" : `family ${index}` });
  return (
    <div ref={setNodeRef} className={`size-full rounded-card ${isOver ? "outline-4 outline-stair" : ""}`}>
      {children}
    </div>
  );
}
