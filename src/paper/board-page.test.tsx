import { renderToStaticMarkup } from "react-dom/server";
import { expect, test } from "vitest";
import { openBoard, sceneOf, standOn } from "@/core/lesson/board-state";
import { boardWith } from "@/core/lesson/board-with";
import { readLesson } from "@/core/lesson/read-lesson";
import type { ViewId } from "@/core/views/view-id";
import { drawingsOf } from "@/view/board/board-drawing";
import { demoFiles } from "../../tests/support/demo-files";
import { BoardPage } from "./board-page";

/** A view of a demo lesson's board alone, as its picture shows it at the top of the stair. */
async function alone(file: string, at: number, view: ViewId): Promise<string> {
  const read = readLesson(JSON.parse(demoFiles().find((one) => one.file === `${file}.json`)!.text));
  if (!read.ok) throw new Error(read.message);
  const one = read.lesson.boards[at]!;
  const scene = sceneOf(standOn(openBoard(one), one.stair.length));
  const board = boardWith(one, scene.settings);
  const drawings = await drawingsOf(board.views.map(({ kind }) => kind));
  return renderToStaticMarkup(
    <BoardPage
      moment={{ board, scene, mayAsk: true }}
      drawings={drawings}
      room={{ width: 1240, height: 400 }}
      shows={{ view, covers: true, marks: true }}
    />,
  );
}

test("a sentence alone has its numbers written as on its board", async () => {
  const page = await alone("11-rope-in-quarters", 1, "sentence");
  expect(page).not.toContain("0.75");
  expect(page).toMatch(/>3</);
});

test("sets alone hold the numbers of the chart beside them, which is not drawn", async () => {
  const page = await alone("22-pattern-cards", 1, "diagram");
  expect(page).not.toContain("Mark numbers");
  expect(page).toMatch(/>\d\d/);
  expect(page).not.toContain('data-cell="');
});
