"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useForm } from "react-hook-form";
import { LessonWords } from "@/core/lesson/lesson";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field } from "@/kit/field";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  words: LessonWords;
  onSave: (words: LessonWords) => void;
};

/** A lesson's title and class. */
export function LessonWordsDialog({ open, onOpenChange, words, onSave }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Rename the lesson">
      <Words words={words} onSave={onSave} onCancel={() => onOpenChange(false)} />
    </Dialog>
  );
}

function Words({ words, onSave, onCancel }: Pick<Props, "words" | "onSave"> & { onCancel: () => void }) {
  const { title, forClass } = words;
  const { register, handleSubmit, formState } = useForm({
    resolver: standardSchemaResolver(LessonWords),
    defaultValues: { title, forClass },
  });
  return (
    <form onSubmit={handleSubmit(onSave)} noValidate className="flex flex-col gap-4">
      <Field label="Title" message={formState.errors.title?.message} {...register("title")} />
      <Field
        label="Class"
        hint="optional"
        message={formState.errors.forClass?.message}
        {...register("forClass")}
      />
      <DialogEnd>
        <Button onClick={onCancel}>Cancel</Button>
        <Button type="submit" tone="strong">
          Rename
        </Button>
      </DialogEnd>
    </form>
  );
}
