/* What makes a board alive, in one piece: what its views bring beside it then comes once. */
export { begin } from "./begin";
export { LiveBoard } from "./live-board";
