"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { StepWords } from "@/core/lesson/board";
import type { BoardState } from "@/core/lesson/board-state";
import { toldEarly } from "@/core/lesson/told-early";
import * as z from "@/core/zod";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field, TextField } from "@/kit/field";
import { QuestionTime } from "./question-time";

type Props = {
  /** The words of the button. */
  doing: "Keep the step" | "Change the words";
  words: StepWords | null;
  /** The board as it would be with these words, and the step that has them. */
  put: (words: StepWords) => BoardState;
  level: number;
  onClose: () => void;
  onSave: (words: StepWords) => void;
};

/** Edits a step's title, question and answer. Open while there are starting words. */
export function StepDialog({ words, onClose, ...form }: Props) {
  return (
    <Dialog
      open={words !== null}
      onOpenChange={(open) => !open && onClose()}
      size="wide"
      title={form.doing === "Keep the step" ? "Keep as a step" : "Words of the step"}
      description={
        form.doing === "Keep the step"
          ? "What was done by hand becomes a step of the stair, above the one you stand on."
          : "The class reads the question; the answer is covered until you show it."
      }
    >
      {words && <StepForm {...form} words={words} onCancel={onClose} />}
    </Dialog>
  );
}

type FormProps = Pick<Props, "doing" | "put" | "level" | "onSave"> & {
  words: StepWords;
  onCancel: () => void;
};

function StepForm({ doing, words, put, level, onSave, onCancel }: FormProps) {
  const { register, handleSubmit, formState, watch } = useForm({
    resolver: standardSchemaResolver(StepWords(z)),
    defaultValues: { note: "", ...words },
  });
  // Until it is chosen, a new step whose moves would show its answer asks first.
  const [chosen, setChosen] = useState(doing === "Keep the step" ? null : { asks: words.asks });
  const { question, answer } = watch();
  const now = { title: words.title, question: question.trim(), answer: answer.trim() };
  const told = toldEarly(put(now).board, level);
  const asks = chosen ? chosen.asks : told.length > 0 ? "first" : undefined;
  const hasMoves = (put(now).board.stair[level - 1]?.beats.length ?? 0) > 0;
  const { errors } = formState;
  return (
    <form
      noValidate
      onSubmit={handleSubmit(({ note, asks: _, ...said }) =>
        onSave({ ...said, ...(note ? { note } : {}), ...(asks ? { asks } : {}) }),
      )}
      className="flex flex-col gap-4"
    >
      <Field label="Title" message={errors.title?.message} {...register("title")} />
      <div className="grid gap-4 sm:grid-cols-[3fr_2fr]">
        <TextField
          label="Question"
          hint="optional"
          message={errors.question?.message}
          {...register("question")}
        />
        <TextField label="Answer" hint="optional" message={errors.answer?.message} {...register("answer")} />
      </div>
      {now.question !== "" && hasMoves && (
        <QuestionTime asks={asks} told={asks ? [] : told} onChange={(next) => setChosen({ asks: next })} />
      )}
      <TextField
        label="Your note"
        hint="optional; the class screen never shows it"
        message={errors.note?.message}
        {...register("note")}
      />
      <DialogEnd>
        <Button onClick={onCancel}>Cancel</Button>
        <Button type="submit" tone="strong">
          {doing}
        </Button>
      </DialogEnd>
    </form>
  );
}
