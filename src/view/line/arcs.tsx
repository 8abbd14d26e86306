import { jumpLooks } from "@/core/count/jump-place";
import { landings, type Trail } from "@/core/count/trail";
import { exact, type NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { round } from "../round";
import { LOOKS, type LookOfJump } from "./jump-look";
import type { LineGeometry } from "./line-geometry";
import type { LineLayout } from "./line-layout";

type Arc = {
  index: number;
  by: NumberKey;
  from: number;
  to: number;
  length: number;
  height: number;
  look: LookOfJump;
};

/** The arcs of a trail, as far as its jumps are seen. */
export function arcsOf(layout: LineLayout, trail: Trail, look?: LookOfJump): Arc[] {
  const { geometry, placing } = layout;
  const looks = jumpLooks(trail);
  const arcs: Arc[] = [];
  const stops = landings(trail);
  let part = placing.partOf(exact(trail.start));
  trail.jumps.forEach((by, index) => {
    const from = part;
    part = placing.partOf(stops[index]!);
    if (Math.max(from, part) < -0.5 || Math.min(from, part) > 1.5) return;
    const length = Math.abs(part - from) * geometry.length;
    // A jump back stays below one that came the same way.
    const lower = by.startsWith("-") ? 0.68 : 1;
    const height = Math.min(geometry.headroom, 6 * Math.sqrt(length), length * 0.9 + 6) * lower;
    arcs.push({ index, by, from, to: part, length, height, look: look ?? LOOKS[looks[index] ?? "other"] });
  });
  return arcs;
}

/** The path of an arc. Straight lines have a smooth curve; on a ring it is drawn through points. */
export function arcPath(geometry: LineGeometry, from: number, to: number, height: number): string {
  const dot = (part: number, lift: number) => {
    const { x, y } = geometry.point(part, lift);
    return `${round(x)} ${round(y)}`;
  };
  const far = to - from;
  if (geometry.shape !== "ring") {
    const rise = height * 1.33;
    return `M${dot(from, 2)}C${dot(from + far * 0.12, rise)} ${dot(to - far * 0.12, rise)} ${dot(to, 2)}`;
  }
  const points = Array.from({ length: 25 }, (_, i) =>
    dot(from + (far * i) / 24, 2 + height * Math.sin((Math.PI * i) / 24)),
  );
  return `M${points.join("L")}`;
}

export type ArcLabel = {
  /** The jumps it speaks of. */
  jumps: readonly number[];
  text: string;
  x: number;
  y: number;
  width: number;
  look: LookOfJump;
  covered: boolean;
};

/** The size of a jump with its sign. */
export const signed = (by: NumberKey, write: (number: NumberKey) => string = showNumber) =>
  by.startsWith("-") ? write(by) : `+${write(by)}`;

const roomOf = (text: string, size: number) => text.length * size * 0.6 + 8;

/**
 * The labels of arcs: each jump its size where there is room; equal small jumps in a row share one, "6 jumps of 1"; one
 * that would lie on another is lifted over it, and left out where even that finds no room.
 */
export function arcLabels(layout: LineLayout, trail: Trail, arcs: readonly Arc[]): ArcLabel[] {
  const { geometry } = layout;
  const size = arcTextSize(layout);
  const labels: ArcLabel[] = [];
  const place = (run: readonly Arc[]) => {
    const [first, last] = [run[0]!, run.at(-1)!];
    const covered = run.every(({ index }) => trail.covers[index]?.size);
    const said = signed(first.by, layout.write);
    const text = run.length === 1 ? said : `${run.length} jumps of ${said.replace("+", "")}`;
    const width = roomOf(text, size);
    const middle = (first.from + last.to) / 2;
    const height = Math.max(...run.map((arc) => arc.height));
    for (let level = 0; level < 3; level += 1) {
      // Beside an upright line a label stands clear of its arc by its own width.
      const off = geometry.shape === "upright" ? width / 2 + 4 : size * 0.75;
      const { x, y } = geometry.point(
        middle,
        height + off + level * (geometry.shape === "upright" ? width : size * 1.15),
      );
      if (geometry.shape === "flat" && y < size * 0.6) break;
      const clear = labels.every(
        (other) => Math.abs(other.x - x) >= (other.width + width) / 2 || Math.abs(other.y - y) >= size * 1.05,
      );
      if (!clear) continue;
      labels.push({
        jumps: run.map(({ index }) => index),
        text,
        x: round(x),
        y: round(y),
        width,
        look: first.look,
        covered,
      });
      return;
    }
  };
  for (let i = 0; i < arcs.length; ) {
    const arc = arcs[i]!;
    let end = i + 1;
    const fits = roomOf(signed(arc.by, layout.write), size) <= arc.length + 2;
    // Jumps that are covered one by one keep labels of their own.
    while (
      !fits &&
      end < arcs.length &&
      arcs[end]!.by === arc.by &&
      arcs[end]!.index === arcs[end - 1]!.index + 1
    )
      end += 1;
    place(arcs.slice(i, end));
    i = end;
  }
  return labels;
}

export const arcTextSize = (layout: LineLayout) => round(Math.min(layout.numeral * 0.86, 30));

type Props = { layout: LineLayout; trail: Trail; look?: LookOfJump; ghosts?: boolean };

/** The jumps of a trail, drawn from start to landing, with their sizes. */
export function Arcs({ layout, trail, look, ghosts = false }: Props) {
  const { geometry } = layout;
  const arcs = arcsOf(layout, trail, look);
  const drawn = arcs.filter(({ index }) => !trail.covers[index]?.arc);
  const many = drawn.length > MOST_SINGLE;
  const hidden = arcs.filter(({ index }) => trail.covers[index]?.arc);
  const size = arcTextSize(layout);
  const width = layout.heavy + 1;
  return (
    <g data-part="jumps" fill="none">
      {many && <ManyArcs layout={layout} arcs={drawn} width={width} />}
      {(many ? [] : drawn).map(({ index, from, to, height, look: { line, edge } }) => {
        const path = arcPath(geometry, from, to, height);
        return (
          <g key={index} data-jump={index}>
            {edge && <path d={path} stroke={edge} strokeWidth={width + 2.5} strokeLinecap="round" />}
            <path d={path} stroke={line} strokeWidth={width} strokeLinecap="round" />
            <path d={path} stroke="transparent" strokeWidth={28} pointerEvents="stroke" />
          </g>
        );
      })}
      {ghosts &&
        hidden.map(({ index, from, to, height }) => (
          <g key={index} data-jump={index}>
            <path
              d={arcPath(geometry, from, to, height)}
              stroke="var(--color-quiet)"
              strokeWidth={2}
              strokeDasharray="2 8"
              strokeLinecap="round"
            />
            <path
              d={arcPath(geometry, from, to, height)}
              stroke="transparent"
              strokeWidth={28}
              pointerEvents="stroke"
            />
          </g>
        ))}
      {(many ? [] : drawn).map((arc) => (
        <Head key={arc.index} layout={layout} arc={arc} />
      ))}
      {arcLabels(layout, trail, arcs).map(
        ({ jumps, text, x, y, width: room, look: { text: color }, covered }) => (
          <g key={jumps[0]} data-sizes={jumps.join(" ")} pointerEvents="all">
            {covered ? (
              <rect
                x={round(x - room / 2)}
                y={round(y - size * 0.62)}
                width={round(room)}
                height={round(size * 1.24)}
                rx={8}
                fill="var(--color-ink)"
              />
            ) : (
              <>
                <rect
                  x={round(x - room / 2)}
                  y={round(y - size * 0.62)}
                  width={round(room)}
                  height={round(size * 1.24)}
                  fill="transparent"
                />
                <text
                  x={x}
                  y={round(y + size * 0.36)}
                  fontSize={size}
                  fontWeight={700}
                  textAnchor="middle"
                  fill={color}
                  className="font-numeral"
                >
                  {text}
                </text>
              </>
            )}
          </g>
        ),
      )}
    </g>
  );
}

/** So many arcs are each a drawing of its own, that can be touched; more of them are drawn as one. */
const MOST_SINGLE = 60;

/** Many arcs at once: those of a look are one path, so that a frame costs the same however many they are. */
function ManyArcs({ layout, arcs, width }: { layout: LineLayout; arcs: readonly Arc[]; width: number }) {
  const paths = new Map<LookOfJump, string>();
  for (const { from, to, height, look } of arcs) {
    paths.set(look, (paths.get(look) ?? "") + arcPath(layout.geometry, from, to, height));
  }
  return [...paths].map(([{ line, edge, text }, d]) => (
    <g key={line + text}>
      {edge && <path d={d} stroke={edge} strokeWidth={width + 2.5} strokeLinecap="round" />}
      <path d={d} stroke={line} strokeWidth={width} strokeLinecap="round" />
    </g>
  ));
}

/** Where a jump lands: a head that points down to its number, on jumps long enough to carry one. */
function Head({ layout, arc }: { layout: LineLayout; arc: Arc }) {
  if (arc.length < 20) return null;
  const { geometry } = layout;
  const tip = geometry.point(arc.to, 3);
  const far = arc.to - arc.from;
  const before = geometry.point(arc.to - far * 0.03, Math.min(arc.height * 0.45, 16));
  const turn = Math.atan2(tip.y - before.y, tip.x - before.x);
  const reach = layout.heavy * 2.6;
  const wing = (side: number) =>
    `${round(tip.x - reach * Math.cos(turn + side))} ${round(tip.y - reach * Math.sin(turn + side))}`;
  const { line, edge } = arc.look;
  return (
    <path
      d={`M${wing(0.5)}L${round(tip.x)} ${round(tip.y)}L${wing(-0.5)}Z`}
      fill={edge ?? line}
      stroke={edge ?? line}
      strokeLinejoin="round"
    />
  );
}
