"use client";

import { showNumber } from "@/core/number/show-number";
import { FAR, type Beyond as Found } from "@/core/set/finder/beyond";
import type { Members } from "@/core/set/members";
import type { Rule } from "@/core/set/rule";
import { ruleWords } from "@/core/set/rule-words";
import { PagePart } from "./page-part";
import { ToldLine } from "./told-line";

/** What a pattern does beyond its chart. */
export function Beyond({ rule, found }: { rule: Rule; found: Found }) {
  return (
    <PagePart name="Beyond this chart">
      <ToldLine name="what comes beyond this chart">
        <span className="block text-small text-quiet first-letter:uppercase">{ruleWords(rule)}</span>
        <span className="block font-semibold">Next: {numbersOf(found.next)}</span>
        {FAR.map((past, i) => (
          <span key={past} className="block">
            First above {showNumber(String(past))}: {numbersOf(found.far[i]!)}
          </span>
        ))}
      </ToldLine>
    </PagePart>
  );
}

function numbersOf({ found, searchedTo }: Members): string {
  const shown = found.map((number) => showNumber(String(number))).join(", ");
  if (searchedTo === null) return shown;
  return shown === "" ? "none found" : `${shown}, and no more were found`;
}
