"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { useRouter } from "next/navigation";
import { useForm } from "react-hook-form";
import { STARTING_CHARTS } from "@/core/surface/starting-charts";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field } from "@/kit/field";
import { StartingPicture } from "@/view/chart/starting-picture";
import { NewLessonRequest } from "./shelf-messages";
import { useDoor } from "./use-door";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
};

/** Asks for a new lesson's title and the chart it begins with, and opens it to be prepared. */
export function NewLesson({ open, onOpenChange }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="New lesson" wide>
      <NewLessonForm onCancel={() => onOpenChange(false)} />
    </Dialog>
  );
}

function NewLessonForm({ onCancel }: { onCancel: () => void }) {
  const router = useRouter();
  const [busy, ask] = useDoor();
  const { register, handleSubmit, formState } = useForm({
    resolver: standardSchemaResolver(NewLessonRequest),
    defaultValues: { title: "", forClass: "", chart: STARTING_CHARTS[0].id as string },
  });
  return (
    <form
      noValidate
      onSubmit={handleSubmit((request) =>
        ask({ do: "create", lesson: request }, (id) => router.push(`/lesson/${id}?prepare`)),
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
      <fieldset className="mt-5">
        <legend className="mb-2 text-sm font-semibold">Chart to begin with</legend>
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-5">
          {STARTING_CHARTS.map((start) => (
            <label
              key={start.id}
              className="cursor-pointer rounded-card border-2 border-rule bg-mist p-3 has-checked:border-ink has-checked:bg-board has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-focus"
            >
              <input type="radio" value={start.id} className="sr-only" {...register("chart")} />
              <span className="block aspect-[4/3]">
                <StartingPicture chart={start.chart} />
              </span>
              <span className="mt-2 block text-center font-semibold">{start.name}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <DialogEnd>
        <Button onClick={onCancel}>Cancel</Button>
        <Button type="submit" tone="strong" disabled={busy}>
          Make the lesson
        </Button>
      </DialogEnd>
    </form>
  );
}
