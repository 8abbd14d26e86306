import { expect, test } from "vitest";
import { type Rule, ruleOf } from "../set/rule";
import { cards, PatternCard, withCard } from "../views/kinds/cards";
import * as z from "../zod";
import { fold } from "./fold";
import type { Move } from "./move";
import { EMPTY_SCENE } from "./scene";

const sceneOf = (...moves: Move[]) => fold(EMPTY_SCENE, moves);
const multiples = (of: string): Rule => ruleOf({ kind: "multiples", not: false, of });
const say = (rule: Rule | null): Move => ({ do: "say-rule", view: "say", rule });
const tries: Move = { do: "try-rule", view: "say" };

test("a sentence shades nothing before it is tried; tries are kept, each once in a row", () => {
  expect(sceneOf(say(multiples("3"))).said.say?.tried).toEqual([]);
  const said = sceneOf(say(multiples("3")), tries, tries, say(multiples("9")), tries, say(null), tries).said
    .say;
  expect(said?.tried).toEqual([multiples("3"), multiples("9")]);
  expect(said?.sentence).toBeNull();
});

test("sentences in the class's own words are kept up to twelve, and let go of", () => {
  const hear = (sentence: string): Move => ({ do: "hear", view: "say", sentence });
  const many = Array.from({ length: 14 }, (_, i) => hear(`Sentence ${i + 1}`));
  const { heard } = sceneOf(...many).said.say!;
  expect([heard.length, heard[0], heard.at(-1)]).toEqual([12, "Sentence 3", "Sentence 14"]);
  expect(sceneOf(hear("A"), hear("B"), { do: "unhear", view: "say", at: 0 }).said.say?.heard).toEqual(["B"]);
});

test("a card lies in one family, the one laid last comes last, and is taken out again", () => {
  const lay = (card: number, family: number | null): Move => ({
    do: "sort-card",
    view: "cards",
    card,
    family,
  });
  const { homes } = sceneOf(lay(3, 0), lay(1, 0), lay(3, 1), lay(2, 0), lay(1, null)).sorted.cards!;
  expect(homes).toEqual([
    { card: 3, family: 1 },
    { card: 2, family: 0 },
  ]);
});

test("a new card is called as no other is, also after some were taken away", () => {
  const { cards: some } = cards.starts;
  const left = some.filter(({ id }) => id !== 2);
  const more = withCard(left, multiples("7"));
  expect(more.map(({ id }) => id)).toEqual([1, 3, 4, 5]);
  expect(withCard(left, multiples("7"), [20, 21]).at(-1)!.id).toBe(22);
  const last = withCard([{ id: 999, rule: multiples("2") }], multiples("7"));
  expect(last.map(({ id }) => id)).toEqual([999, 1]);
  for (const card of [...more, ...last]) expect(PatternCard(z).safeParse(card).success).toBe(true);
  expect(cards.schema(z).safeParse({ ...cards.starts, cards: [some[0], some[0]] }).success).toBe(false);
});
