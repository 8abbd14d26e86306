"use client";

import { agreementWords, answerWords } from "@/core/set/finder/answer-words";
import type { Answer } from "@/core/set/finder/find-rules";
import { textOf } from "@/core/set/rule";
import { ToldLine } from "./told-line";

/** Number of answers shown: the simplest ones are what a class finds. */
const MAX_SHOWN = 6;

/** The rules behind a shading, the simplest first, each under its cover in class. */
export function Answers({ answers, looking }: { answers: readonly Answer[] | null; looking: boolean }) {
  if (answers === null) return <p className="text-quiet">{looking ? "Looking …" : ""}</p>;
  if (answers.length === 0) return <p className="text-quiet">No simple rule fits these numbers.</p>;
  return (
    <ul aria-busy={looking} className={`flex flex-col gap-2 ${looking ? "opacity-60" : ""}`}>
      {answers.slice(0, MAX_SHOWN).map((answer, i) => {
        const agreement = agreementWords(answer);
        return (
          <li key={`${textOf(answer.rule)} ${answer.missing.join()} ${answer.besides.join()}`}>
            <ToldLine name={`rule ${i + 1}`}>
              <span className="block font-semibold first-letter:uppercase">{answerWords(answer)}</span>
              {agreement && <span className="block text-small text-quiet">{agreement}</span>}
            </ToldLine>
          </li>
        );
      })}
    </ul>
  );
}
