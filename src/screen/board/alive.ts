/* Everything that makes a board interactive, as one chunk, so that what its views share with it is loaded once. */
export { begin } from "./begin";
export { LiveBoard } from "./live-board";
