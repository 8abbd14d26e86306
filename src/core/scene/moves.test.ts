import fc from "fast-check";
import { expect, test } from "vitest";
import { documentedMoves, withMovesTable } from "../../../scripts/lib/moves-table.mjs";
import { anyMove } from "../../../tests/support/any-move";
import { fileFormatPage } from "../../../tests/support/file-format";
import * as z from "../zod";
import { MOVES, Move } from "./move";

test("every kind of move is documented where it stands, with an example that is one", () => {
  const documented = documentedMoves();
  expect(documented.map((one) => one.do).sort()).toEqual(MOVES.map((kind) => kind.do).sort());
  for (const { do: name, about, example } of documented) {
    expect([name, about]).not.toEqual([name, ""]);
    expect(Move(z).parse(JSON.parse(example))).toEqual(JSON.parse(example));
    expect(JSON.parse(example).do).toBe(name);
  }
});

test("the file format's page lists the moves as they are (npm run docs)", () => {
  const page = fileFormatPage();
  expect(withMovesTable(page)).toBe(page);
});

test("every move that can be made up is one that a lesson may hold", () => {
  fc.assert(
    fc.property(anyMove, (move) => {
      expect(Move(z).parse(JSON.parse(JSON.stringify(move)))).toEqual(move);
    }),
    { numRuns: 1000 },
  );
});

test("a move that is wrong as a whole is refused with the reason", () => {
  const why = (move: unknown) => Move(z).safeParse(move).error?.issues[0]?.message;
  expect(why({ do: "trail-inks", trail: "sun", aside: "sun" })).toBe("Two trails have two inks.");
  expect(why({ do: "look", view: "line", from: "3", to: "3" })).toBe("Put the smaller number first.");
  expect(why({ do: "fly" })).toBeDefined();
});
