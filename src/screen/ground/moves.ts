export { Move } from "@/core/scene/move";

export const board = () => import("./store");
export const newLesson = () => import("../shelf/new-lesson");
