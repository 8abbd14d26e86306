"use client";

import { Eye, RotateCcw, TextCursorInput } from "lucide-react";
import { useState } from "react";
import { chartOf } from "@/core/lesson/views-of";
import type { Move } from "@/core/scene/move";
import { NOTHING_SAID } from "@/core/scene/slices/saying";
import { type Rule, sameRule } from "@/core/set/rule";
import { squaresOf } from "@/core/surface/chart";
import { Button } from "@/kit/button";
import { SayDrawing } from "@/view/say/say-drawing";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";
import { ChooseWords } from "./choose-words";
import { TypeWords } from "./type-words";

type Open = { condition: number; part: string };

/** The class's sentence, put together by touch, and what it shades. */
export function SayStage({ view, strong }: StageProps<"say">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const { id } = view;
  const { sentence, tried } = drawn.scene.said[id] ?? NOTHING_SAID;
  const [open, setOpen] = useState<Open | "type" | null>(null);
  const act = (...moves: Move[]) => store.getState().act([moves]);
  const chart = chartOf(drawn.board);
  const say = (rule: Rule) => act({ do: "say-rule", view: id, rule });
  const touch = (condition: number, part: string) => {
    if (sentence && part === "join") {
      return say({ ...sentence, join: sentence.join === "and" ? "or" : "and" });
    }
    if (sentence && part === "verb") {
      const was = sentence.conditions[condition]!;
      return say({ ...sentence, conditions: sentence.conditions.with(condition, { ...was, not: !was.not }) });
    }
    setOpen((was) =>
      was && was !== "type" && was.condition === condition && was.part === part ? null : { condition, part },
    );
  };
  const seen = sentence !== null && tried.length > 0 && sameRule(tried.at(-1)!, sentence);
  return (
    <section
      aria-label="Say the rule"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <SayDrawing
          view={view}
          {...drawn}
          onPart={touch}
          chosen={open === "type" ? null : open}
          onUnhear={(at) => act({ do: "unhear", view: id, at })}
          {...(open === null
            ? {}
            : {
                choosing:
                  open === "type" ? (
                    <TypeWords
                      keeps={view.heard === "shown"}
                      squares={chart && squaresOf(chart)}
                      onRead={(rule) => {
                        say(rule);
                        setOpen(null);
                      }}
                      onKeep={(words) => {
                        act({ do: "hear", view: id, sentence: words });
                        setOpen(null);
                      }}
                    />
                  ) : (
                    <ChooseWords
                      key={`${open.condition} ${open.part}`}
                      rule={sentence}
                      condition={open.condition}
                      part={open.part}
                      squares={chart && squaresOf(chart)}
                      onRule={(rule, next) => {
                        say(rule);
                        setOpen(next ? { condition: open.condition, part: next } : null);
                      }}
                      onClose={() => setOpen(null)}
                      onRemove={(rule) => {
                        act({ do: "say-rule", view: id, rule });
                        setOpen(null);
                      }}
                    />
                  ),
              })}
        />
      </div>
      {/* While choosing, the choices have all the room; touching the word again leaves it as it was. */}
      {(open === null || open === "type") && (
        <ViewButtons>
          <Button
            className="h-touch px-5"
            aria-pressed={open === "type"}
            turn={() => setOpen(open === "type" ? null : "type")}
          >
            <TextCursorInput aria-hidden size="1.375rem" /> Type it
          </Button>
          <Button
            className="h-touch px-5"
            disabled={sentence === null}
            onClick={() => {
              act({ do: "say-rule", view: id, rule: null });
              setOpen(null);
            }}
          >
            <RotateCcw aria-hidden size="1.375rem" /> Start again
          </Button>
          <Button
            tone="stair"
            className="h-touch px-5"
            disabled={sentence === null || seen}
            onClick={() => {
              act({ do: "try-rule", view: id });
              setOpen(null);
            }}
          >
            <Eye aria-hidden size="1.375rem" /> See what it says
          </Button>
        </ViewButtons>
      )}
    </section>
  );
}
