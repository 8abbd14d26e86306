import { describe, expect, test } from "vitest";
import { demoFiles } from "../../../tests/support/demo-files";
import { toNext } from "../count/bridge";
import { numberSentence, type SentenceForm } from "../count/number-sentence";
import { landings, numbersSaid, type Trail } from "../count/trail";
import { exact, isWhole, keyOf, type NumberKey } from "../number/exact";
import { numbersInText } from "../number/numbers-in-text";
import { expandedForm, piecesOf } from "../number/pieces";
import { placeKey } from "../number/place-words";
import { isCoveredPart, isPartCovered } from "../scene/covered-part";
import { framedOf } from "../scene/framed";
import { groupedOf } from "../scene/grouped";
import { isCoveredAt, type Scene } from "../scene/scene";
import type { StopPart } from "../scene/slices/parts";
import { NOTHING_SAID } from "../scene/slices/saying";
import { fitOf } from "../set/fit";
import { ruleWords } from "../set/rule-words";
import { symmetryWords } from "../set/symmetry/symmetry-words";
import { numberOf } from "../surface/cell-key";
import type { Board } from "./board";
import { climb, openBoard, sceneOf, standOn } from "./board-state";
import { boardWith } from "./board-with";
import { graphOf } from "./graph-of";
import { readLesson } from "./read-lesson";
import { isMarkSeen, shadingOf } from "./shading-of";
import { boardHolds, chartOf, placedOf } from "./views-of";

const lessons = demoFiles().map(({ file, text }) => {
  const read = readLesson(JSON.parse(text));
  if (!read.ok) throw new Error(`${file}: ${read.message}`);
  return { file, boards: read.lesson.boards };
});

/** The numbers that stand uncovered in the views that read a trail, and how far it is to the next ten. */
function toldBy(prepared: Board, scene: Scene): Set<NumberKey> {
  const board = boardWith(prepared, scene.settings);
  const told = new Set<NumberKey>();
  const tell = (number: NumberKey) => !isCoveredAt(scene, number) && told.add(keyOf(exact(number).abs()));
  const tellSentence = (trail: Trail, form: SentenceForm) => {
    for (const part of numberSentence(trail, form) ?? []) {
      if (part.kind === "number") tell(part.number);
      if (part.kind !== "term") continue;
      const isCovered = part.jumps.length > 0 && part.jumps.every((jump) => trail.covers[jump]?.size);
      if (!isCovered) told.add(keyOf(exact(part.by).abs()));
    }
  };
  for (const view of placedOf(board).filter(({ id }) => !scene.hidden.includes(id))) {
    const { trail, aside, focus } = scene;
    if (view.kind === "trail" && trail) {
      if (view.numbers) for (const number of numbersSaid(trail, boardHolds(board))) tell(number);
      if (view.sentence) tellSentence(trail, "gathered");
    }
    if (view.kind === "sentence") {
      for (const one of [trail, aside?.trail]) if (one) tellSentence(one, view.form);
    }
    if (view.kind === "place-value" && focus !== null && !isPartCovered(scene, view, "digits")) {
      // A single covered digit leaves the others readable.
      const pieces = piecesOf(exact(numberOf(focus))) ?? [];
      if (!pieces.some(({ place }) => isPartCovered(scene, view, placeKey(place)))) tell(numberOf(focus));
      if (view.expanded === "shown") for (const { worth } of expandedForm(pieces)) tell(worth);
    }
    if (view.kind === "graph" && !isCoveredPart(scene, view.id, "points", view.points === "covered")) {
      const isTold = !isCoveredPart(scene, view.id, "labels", view.labels === "covered");
      const { as, series } = graphOf(view, board, scene);
      const points = series.flatMap((one) => one.points).filter(({ covered }) => !covered);
      if (isTold) for (const { number, y } of points) tell(as === "bars" ? String(y) : number);
    }
    if (view.kind === "stops") {
      for (const [i, text] of view.stops.entries()) {
        const part = `number-${i + 1}` as StopPart;
        if (!isCoveredPart(scene, view.id, part, view.number === "covered")) tell(keyOf(exact(text)));
      }
    }
    if (view.kind === "groups") {
      const { groups, laid } = groupedOf(scene, view);
      const isTold = (part: "size" | "in-all", from: string) =>
        !isCoveredPart(scene, view.id, part, from === "covered");
      const whole = Math.floor(laid / view.each);
      if (isTold("size", view.size)) for (let n = 1; n <= whole; n += 1) tell(String(n * view.each));
      if (isTold("in-all", view.all)) tell(String(groups * view.each));
    }
    if (view.kind === "frames" && view.writing === "shown") {
      const framed = framedOf(scene, view);
      const parts = framed && { ...framed, whole: framed.first + framed.second };
      for (const part of ["first", "second", "whole"] as const)
        if (parts && !isCoveredPart(scene, view.id, part)) tell(String(parts[part]));
    }
    if (view.kind === "say") {
      const { sentence, tried } = scene.said[view.id] ?? NOTHING_SAID;
      for (const number of sentence ? numbersInText(ruleWords(sentence)) : []) told.add(number);
      const chart = chartOf(board);
      const shading = chart && shadingOf(chart, scene, null, isMarkSeen(board, scene));
      const last = tried.at(-1);
      const fit = last && shading ? fitOf(last, shading.numbers, new Set(shading.shaded)) : null;
      for (const those of fit ? Object.values(fit) : []) told.add(String(those.length));
    }
    if (view.kind === "way" && trail) for (const stop of landings(trail)) tell(keyOf(stop));
    if (view.kind === "pairs" && focus !== null && isWhole(exact(numberOf(focus)))) {
      const on = view.way === "on";
      const from = exact(numberOf(focus));
      const { by, next } = toNext(on ? from : from.neg(), exact(10));
      tell(keyOf(next.abs()));
      if (!scene.farCovered.includes(view.id))
        for (const pair of [by, exact(10).sub(by)]) told.add(keyOf(pair));
    }
  }
  return told;
}

/** What is said in words on a board: the class's sentence, symmetries that are drawn, names of families of cards. */
function wordsToldBy(prepared: Board, scene: Scene): string {
  const { views } = boardWith(prepared, scene.settings);
  return views
    .flatMap(({ id }) => [
      ...[scene.said[id]?.sentence].flatMap((rule) => (rule ? ruleWords(rule) : [])),
      ...(scene.symmetries[id] ?? []).map(symmetryWords),
      ...Object.values(scene.sorted[id]?.names ?? {}),
    ])
    .join(" ");
}

/** The words of a text that carry its meaning. */
const meaningIn = (text: string) =>
  new Set(
    text
      .toLowerCase()
      .match(/[a-z]{5,}/g)
      ?.filter((word) => !/^(numbers|multiples|lamps|which|their|those|these)$/.test(word)),
  );

/** The board when the question of a step comes to stand. */
const askedOn = (board: Board, level: number) => climb(standOn(openBoard(board), level - 1));

describe("the demo lessons", () => {
  const steps = lessons.flatMap(({ file, boards }) =>
    boards.flatMap((board, b) =>
      board.stair.map((step, i) => ({
        name: `${file} ${b + 1}.${i + 1} ${step.title}`,
        board,
        step,
        level: i + 1,
      })),
    ),
  );

  test.each(steps.filter(({ step }) => step.answer))(
    "$name: the answer is not told before it is asked for",
    ({ board, step, level }) => {
      const told = toldBy(board, sceneOf(askedOn(board, level)));
      const asked = numbersInText(step.question);
      const given = [...numbersInText(step.answer)].filter(
        (key) => !asked.has(key) && told.has(key.replace("-", "")),
      );
      expect(given).toEqual([]);
    },
  );

  test.each(steps.filter(({ step }) => step.answer))(
    "$name: the answer is not told in words before it is asked for",
    ({ board, step, level }) => {
      const told = meaningIn(wordsToldBy(board, sceneOf(askedOn(board, level))));
      const asked = meaningIn(step.question);
      expect([...meaningIn(step.answer)].filter((word) => told.has(word) && !asked.has(word))).toEqual([]);
    },
  );

  test("an answer has a question, and a question ends as one", () => {
    for (const { name, step } of steps) {
      if (step.answer) expect(step.question, name).toMatch(/[?.]$/);
      if (step.question && step.answer && !/^(Say|Read)\b/.test(step.question)) {
        expect(step.question, name).toMatch(/\?/);
      }
    }
  });

  test("the check itself sees what a panel tells", () => {
    const lamps = lessons.find(({ file }) => file.startsWith("1-"))!.boards[1]!;
    const shown = sceneOf(standOn(openBoard(lamps), 4));
    expect([...toldBy(lamps, shown)]).toEqual(expect.arrayContaining(["8", "6", "48", "42"]));
    expect([...numbersInText("−3.5 metres, 1¼ or 5,000: 8 × 6 = 48")].sort()).toEqual(
      ["1.25", "3.5", "48", "5000", "6", "8"].sort(),
    );
  });
});
