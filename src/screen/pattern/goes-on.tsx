"use client";

import { useMemo, useState } from "react";
import { continuedFrom, MAX_TERMS, MIN_TERMS, termWriter } from "@/core/count/continued";
import { readNumbers } from "@/core/number/read-numbers";
import { showNumber } from "@/core/number/show-number";
import { DraftField, useBoardDrafts } from "../prepare/checked-field";
import { PagePart } from "./page-part";
import { ToldLine } from "./told-line";

/** The ways in which a sequence may go on that begins with some numbers. */
export function GoesOn() {
  const [terms, setTerms] = useState<readonly string[]>(["2", "4", "8"]);
  const drafts = useBoardDrafts(
    "goes on",
    { terms: terms.map((term) => showNumber(term)).join(", ") },
    ({ terms: typed }) => {
      const read = readNumbers(typed ?? "", MIN_TERMS, MAX_TERMS);
      return read.ok ? { ok: true, value: read.texts } : read;
    },
    setTerms,
  );
  const ways = useMemo(() => continuedFrom(terms), [terms]);
  const write = termWriter(terms);
  return (
    <PagePart name="How does a sequence go on?">
      <div {...drafts.group}>
        <DraftField label="It begins with" {...drafts.field("terms")} />
      </div>
      {ways.length === 0 && <p className="text-quiet">No simple way to go on was found.</p>}
      {ways.map(({ words, next }, i) => (
        <ToldLine key={`${terms.join()} ${words}`} name={`way ${i + 1} to go on`}>
          <span className="block font-semibold">{next.map(write).join(", ")}</span>
          <span className="block text-small text-quiet first-letter:uppercase">{words}</span>
        </ToldLine>
      ))}
    </PagePart>
  );
}
