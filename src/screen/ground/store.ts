export { createBoardStore } from "../store/board-store";

export const next = () => import("../board/begin");
