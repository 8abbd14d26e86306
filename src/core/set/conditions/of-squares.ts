import { type Exact, exact } from "../../number/exact";
import type { Cell } from "../lattice";
import { type Squares, squareOf, squareOfWhole, wholesOn } from "../squares";

/**
 * A condition about the square on which a number stands, with a faster test for whole numbers.
 * @param listed the cells that meet it
 */
export const ofSquares = <C extends { on: Squares }>(
  meets: (condition: C) => (cell: Cell) => boolean,
  listed: (condition: C) => readonly Cell[],
) => ({
  few: (condition: C) => wholesOn(condition.on, listed(condition)),
  test: (condition: C) => {
    const [place, meet] = [squareOf(condition.on), meets(condition)];
    return (value: Exact) => {
      const cell = place(value);
      return cell !== null && meet(cell);
    };
  },
  whole: (condition: C) => {
    const [place, meet] = [squareOfWhole(condition.on), meets(condition)];
    if (!place) {
      const exactly = squareOf(condition.on);
      return (number: number) => {
        const cell = exactly(exact(number));
        return cell !== null && meet(cell);
      };
    }
    return (number: number) => {
      const cell = place(number);
      return cell !== null && meet(cell);
    };
  },
});
