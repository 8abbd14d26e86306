import { memo } from "react";
import { lastCovered } from "@/core/lesson/lay-groups";
import { showNumber } from "@/core/number/show-number";
import { isCoveredPart } from "@/core/scene/covered-part";
import { groupedOf, isGroupHidden } from "@/core/scene/grouped";
import type { Grouped } from "@/core/scene/slices/grouping";
import type { ViewOf } from "@/core/views/view";
import { type DrawingProps, grown, type Size } from "../drawing";
import { Counter } from "../frames/counter";
import { round } from "../round";
import { Touchable } from "../touchable";
import { type Box, layOutGroups } from "./groups-layout";
import { ROW, roomOfSentence, type SentenceRoom, wordFor } from "./sentence-room";

/** What can be covered: how many are in each group, and how many in all. */
export type GroupPart = "size" | "in-all";

type Props = DrawingProps<"groups"> & {
  onGroup?: (group: number) => void;
  onPart?: (part: GroupPart) => void;
};
type Standing = Grouped & { readonly groups: number };

/** Equal groups of counters, with outlines for those that lie on numbers, and all of it as a sentence. */
export function GroupsDrawing(props: Props) {
  const { view, scene, size, theme } = props;
  const grouped = groupedOf(scene, view);
  const sentence = roomOfSentence(view, grouped, size, theme);
  const room = { width: size.width, height: Math.max(34, size.height - sentence.line * sentence.rows - 8) };
  return (
    <div className="flex size-full flex-col">
      <Groups {...props} grouped={grouped} room={room} />
      <Sentence {...props} grouped={grouped} room={sentence} />
    </div>
  );
}

function Groups({ view, scene, theme, grouped, room, onGroup }: Props & { grouped: Standing; room: Size }) {
  const { groups, laid, as } = grouped;
  const { each } = view;
  const told = !isCoveredPart(scene, view.id, "size", view.size === "covered");
  const { radius, boxes, counters } = layOutGroups(groups, each, as, room, {
    scale: grown(theme, 1),
    // Boxes whose number is covered from the start keep their places when it is shown.
    told: told && view.size === "shown",
  });
  const hidden = (group: number) => as === "groups" && isGroupHidden(grouped, view, group);
  const isEmpty = (group: number) => laid >= (group + 1) * each;
  const size = told ? `, ${each} in each` : "";
  return (
    <div className="relative" style={room}>
      <svg
        role="img"
        aria-label={`${groups} ${wordFor(groups, view.holder, view.holders)}${size}`}
        width={room.width}
        height={room.height}
        className="block"
      >
        {boxes.map(({ x, y, width, height }, group) => (
          <rect
            // biome-ignore lint/suspicious/noArrayIndexKey: a group is where it stands.
            key={group}
            x={round(x)}
            y={round(y)}
            width={round(width)}
            height={round(height)}
            rx={grown(theme, 16)}
            fill={isEmpty(group) ? "none" : "var(--color-mist)"}
            stroke="var(--color-rule)"
            strokeWidth={grown(theme, 2.5)}
            strokeDasharray={isEmpty(group) ? "8 7" : undefined}
          />
        ))}
      </svg>
      {counters.map(({ x, y }, i) => {
        const group = Math.floor(i / each);
        if (hidden(group) && !isEmpty(group)) return null;
        return (
          <OneCounter
            // biome-ignore lint/suspicious/noArrayIndexKey: a counter is the nth of them.
            key={i}
            x={round(x)}
            y={round(y)}
            radius={round(radius)}
            left={i < laid}
          />
        );
      })}
      {boxes.map((box, group) => (
        <Group
          // biome-ignore lint/suspicious/noArrayIndexKey: a group is where it stands.
          key={group}
          nth={group + 1}
          box={box}
          view={view}
          told={told}
          hidden={hidden(group) && !isEmpty(group)}
          onTouch={onGroup && !isEmpty(group) ? () => onGroup(group) : undefined}
        />
      ))}
    </div>
  );
}

type CounterProps = { x: number; y: number; radius: number; left: boolean };

/** Counters are drawn at this radius, in pixels, and scaled down: none is redrawn while they move. */
const DRAWN = 60;
const SIDE = DRAWN * 2.2;

/** A counter on a layer of its own, so that a hundred of them move smoothly. */
const OneCounter = ({ x, y, radius, left }: CounterProps) => (
  <span
    data-counter={left ? "laid" : ""}
    className="piece pointer-events-none absolute top-0 left-0 will-change-transform"
    style={{
      transform: `translate(${round(x - SIDE / 2)}px, ${round(y - SIDE / 2)}px) scale(${radius / DRAWN})`,
    }}
  >
    <Drawn left={left} />
  </span>
);

const Drawn = memo(function Drawn({ left }: { left: boolean }) {
  return (
    <svg aria-hidden width={SIDE} height={SIDE} className="block">
      <Counter ink="kelp" x={SIDE / 2} y={SIDE / 2} radius={DRAWN} left={left} />
    </svg>
  );
});

type GroupProps = {
  nth: number;
  box: Box;
  view: ViewOf<"groups">;
  told: boolean;
  hidden: boolean;
  onTouch: (() => void) | undefined;
};

/** The card over a group whose counters are out of sight; or what a touch on the group turns over. */
function Group({ nth, box, view, told, hidden, onTouch }: GroupProps) {
  const { x, y, width, height } = box;
  const number = Math.min(height * 0.34, width * 0.34);
  const name = `${capital(view.holder || "group")} ${nth}`;
  return (
    <Touchable
      name={hidden ? `${name}, out of sight${told ? `, ${view.each} in it` : ""}` : name}
      data-group={String(nth)}
      onTouch={onTouch}
      className={`absolute flex flex-col items-center justify-center rounded-card ${hidden ? "bg-cover text-on-cover" : ""}`}
      style={{ left: x, top: y, width, height }}
    >
      {hidden && (
        <>
          <span className="font-numeral leading-none font-bold" style={{ fontSize: number }}>
            {told ? view.each : "?"}
          </span>
          {told && height > 90 && (
            <span className="mt-1 text-on-cover" style={{ fontSize: Math.max(15, number * 0.34) }}>
              in here
            </span>
          )}
        </>
      )}
    </Touchable>
  );
}

const capital = (text: string) => (text[0] ?? "").toUpperCase() + text.slice(1);

/** What lies on numbers so far, and all of it: 2 × 6 = 12; 5 × 6 = 30. */
function Sentence({
  view,
  board,
  scene,
  grouped,
  room: { line, rows, landings, split },
  onPart,
}: Props & { grouped: Standing; room: SentenceRoom }) {
  const { groups, laid } = grouped;
  const { each } = view;
  const whole = Math.floor(laid / each);
  const told = !isCoveredPart(scene, view.id, "size", view.size === "covered");
  const all = isCoveredPart(scene, view.id, "in-all", view.all === "covered");
  const size = line / ROW;
  const wrote = scene.wrote[view.id] ?? null;
  // Whether it is right is shown once all counters lie.
  const last = laid === groups * each ? lastCovered(board, scene, view) : null;
  const sizeButton = (
    <Touchable
      name={told ? `${each} in each` : "How many in each, covered"}
      data-part="size"
      onTouch={onPart && (() => onPart("size"))}
      className={`flex items-center justify-center rounded-button px-1 ${told ? "" : "bg-cover"}`}
      style={{ height: line * 0.82, minWidth: size * 1.1 }}
    >
      {told ? each : ""}
    </Touchable>
  );
  return (
    <div
      className={`mt-2 flex items-center justify-evenly gap-x-4 font-numeral leading-none whitespace-nowrap ${rows > 1 ? "flex-wrap content-around" : ""}`}
      style={{ height: line * rows, fontSize: size }}
    >
      {whole > 0 && told && (
        <span data-part="so-far" className={`font-bold ${rows > 2 ? "w-full text-center" : ""}`}>
          {whole} × {each} = {whole * each}
        </span>
      )}
      {whole > 1 && told && (
        <span data-part="landings">
          {whole > landings.length ? "…, " : ""}
          {landings.join(", ")}
        </span>
      )}
      {wrote !== null && (
        <span
          data-part="wrote"
          className={`font-bold text-by-hand ${last === null || last === wrote ? "" : "underline decoration-wavy decoration-wrong decoration-2 underline-offset-4"}`}
        >
          {showNumber(wrote)}
        </span>
      )}
      <span
        className={`flex items-center gap-x-[0.3em] ${rows > 1 ? "w-full justify-center" : ""} ${split ? "flex-wrap" : ""}`}
        style={{ rowGap: line * 0.18 }}
      >
        {grouped.as === "columns" ? (
          <>
            {sizeButton}
            <span>×</span>
            {groups}
          </>
        ) : (
          <>
            {groups}
            <Unit>{wordFor(groups, view.holder, view.holders)}</Unit>
            <span>×</span>
            {sizeButton}
          </>
        )}
        {split && <span className="basis-full" />}
        <span>=</span>
        <Touchable
          name={all || !told ? "How many in all, covered" : `${groups * each} in all`}
          data-part="in-all"
          onTouch={told ? onPart && (() => onPart("in-all")) : undefined}
          className={`flex items-center justify-center rounded-button px-2 font-bold ${all || !told ? "bg-cover" : ""}`}
          style={{ height: line * 0.82, minWidth: size * 2 }}
        >
          {all || !told ? "" : groups * each}
        </Touchable>
        <Unit>{view.things}</Unit>
      </span>
    </div>
  );
}

const Unit = ({ children }: { children: string }) =>
  children && <span className="font-sans text-[0.75em] text-quiet">{children}</span>;
