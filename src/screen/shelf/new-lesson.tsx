"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useRouter } from "next/navigation";
import { useForm } from "react-hook-form";
import { LessonWords } from "@/core/lesson/board";
import { BEGINNING_NAMES, RECIPE_NAMES } from "@/core/lesson/recipes/any";
import { BEGINNINGS } from "@/core/lesson/recipes/beginnings";
import * as z from "@/core/zod";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field } from "@/kit/field";
import { RecipeGallery } from "../recipes/recipe-gallery";
import { useRecipe } from "../recipes/use-recipe";
import { useDoor } from "./use-door";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
};

const OFFERED = [
  { name: "A board to begin with", kinds: BEGINNING_NAMES },
  { name: "A stair written for you", kinds: RECIPE_NAMES },
];

/** Asks for a new lesson's title and what it begins with, and opens it to be prepared. */
export function NewLesson({ open, onOpenChange }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="New lesson" size="large">
      <NewLessonForm onCancel={() => onOpenChange(false)} />
    </Dialog>
  );
}

function NewLessonForm({ onCancel }: { onCancel: () => void }) {
  const router = useRouter();
  const [busy, ask] = useDoor();
  const inHand = useRecipe(BEGINNINGS.chart.starts);
  const { register, handleSubmit, formState } = useForm({
    resolver: standardSchemaResolver(LessonWords(z)),
    defaultValues: { title: "", forClass: "" },
  });
  return (
    <form
      noValidate
      className="flex min-h-0 flex-1 flex-col gap-4 low:flex-none"
      onSubmit={handleSubmit((words) =>
        ask({ do: "create", lesson: { ...words, begins: inHand.inputs } }, (id) =>
          router.push(`/lesson/${id}?prepare`),
        ),
      )}
    >
      <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
        <Field label="Title" message={formState.errors.title?.message} {...register("title")} />
        <Field
          label="Class"
          hint="optional"
          message={formState.errors.forClass?.message}
          {...register("forClass")}
        />
      </div>
      <RecipeGallery offered={OFFERED} inHand={inHand} />
      <DialogEnd close>
        <Button onClick={onCancel}>Cancel</Button>
        <Button type="submit" tone="strong" disabled={busy || inHand.fault !== null}>
          Make the lesson
        </Button>
      </DialogEnd>
    </form>
  );
}
