"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useForm } from "react-hook-form";
import { StepWords } from "@/core/lesson/board";
import * as z from "@/core/zod";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field, TextField } from "@/kit/field";

type Props = {
  /** The words of the button. */
  doing: "Keep the step" | "Change the words";
  words: StepWords | null;
  onClose: () => void;
  onSave: (words: StepWords) => void;
};

/** Edits a step's title, question and answer. Open while there are starting words. */
export function StepDialog({ doing, words, onClose, onSave }: Props) {
  return (
    <Dialog
      open={words !== null}
      onOpenChange={(open) => !open && onClose()}
      title={doing === "Keep the step" ? "Keep as a step" : "Words of the step"}
      description={
        doing === "Keep the step"
          ? "What was done by hand becomes a step of the stair, above the one you stand on."
          : "The class reads the question; the answer is covered until you show it."
      }
    >
      {words && <StepForm doing={doing} words={words} onSave={onSave} onCancel={onClose} />}
    </Dialog>
  );
}

type FormProps = { doing: Props["doing"]; words: StepWords; onSave: Props["onSave"]; onCancel: () => void };

function StepForm({ doing, words, onSave, onCancel }: FormProps) {
  const { register, handleSubmit, formState } = useForm({
    resolver: standardSchemaResolver(StepWords(z)),
    defaultValues: { note: "", ...words },
  });
  const { errors } = formState;
  return (
    <form
      noValidate
      onSubmit={handleSubmit(({ note, ...words }) => onSave(note ? { ...words, note } : words))}
      className="flex flex-col gap-4"
    >
      <Field label="Title" message={errors.title?.message} {...register("title")} />
      <TextField
        label="Question"
        hint="optional"
        message={errors.question?.message}
        {...register("question")}
      />
      <TextField label="Answer" hint="optional" message={errors.answer?.message} {...register("answer")} />
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
