import { type CellKey, isCellKey, numberOf, type Target } from "@/core/surface/cell-key";
import { AskedCell } from "../chart/asked-cell";
import { CellRing } from "../chart/cell-ring";
import type { TimesLayout } from "./times-layout";

type Props = {
  layout: TimesLayout;
  /** The cells that are drawn. */
  cells: readonly CellKey[];
  at: (cell: CellKey) => { x: number; y: number };
  focus: Target | null;
  asks: { number: string; typed: string } | null;
  keyboard: CellKey | null;
};

const INSET = 1;

/** The rings of a times grid: the focus, wherever its number lives or at its one cell; the cell asked for. */
export function TimesRings({ layout, cells, at, focus, asks, keyboard }: Props) {
  const inFocus = cells.filter(
    (cell) => cell === focus || (focus !== null && !isCellKey(focus) && numberOf(cell) === focus),
  );
  const asked = asks && isCellKey(asks.number) && cells.includes(asks.number) ? asks.number : null;
  // Drawn in a little: at the edge of the window a ring would be cut off.
  const inner = {
    ...layout,
    cellWidth: layout.cellWidth - 2 * INSET,
    cellHeight: layout.cellHeight - 2 * INSET,
  };
  const within = (cell: CellKey) => ({ x: at(cell).x + INSET, y: at(cell).y + INSET });
  return (
    <>
      {inFocus.map((cell) => (
        <CellRing key={cell} layout={inner} corner={within(cell)} of="focus" />
      ))}
      {asked && <AskedCell layout={inner} corner={within(asked)} typed={asks?.typed ?? ""} />}
      {keyboard && cells.includes(keyboard) && (
        <CellRing layout={inner} corner={within(keyboard)} of="keyboard" />
      )}
    </>
  );
}
