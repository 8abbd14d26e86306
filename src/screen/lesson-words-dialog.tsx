"use client";

import { standardSchemaResolver } from "@hookform/resolvers/standard-schema";
import { clsx } from "clsx";
import { useForm } from "react-hook-form";
import { LessonWords } from "@/core/lesson/board";
import { MAX } from "@/core/lesson/bounds";
import * as z from "@/core/zod";
import { Button, TurnButton } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field } from "@/kit/field";
import { Switch } from "@/kit/switch";

type Props = {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  words: LessonWords;
  /** Labels of other lessons, to be chosen with one touch. */
  inUse?: readonly string[];
  onSave: (words: LessonWords) => void;
};

/** A lesson's title, its class and its labels. */
export function LessonWordsDialog({ open, onOpenChange, ...rest }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Rename or label the lesson">
      <Words {...rest} onCancel={() => onOpenChange(false)} />
    </Dialog>
  );
}

/** Labels as they are typed, with commas between; each once. */
export const labelsIn = (text: string): string[] => [
  ...new Set(
    text
      .split(",")
      .map((label) => label.trim())
      .filter(Boolean),
  ),
];

const Typed = z.extend(LessonWords(z), {
  labels: z.pipe(
    z.string().check(
      z.refine(
        (text) => labelsIn(text).every(({ length }) => length <= MAX.label),
        `A label has at most ${MAX.label} letters. Put a comma between two labels.`,
      ),
      z.refine((text) => labelsIn(text).length <= MAX.labels, `A lesson has at most ${MAX.labels} labels.`),
    ),
    z.transform(labelsIn),
  ),
});

type WordsProps = Omit<Props, "open" | "onOpenChange"> & { onCancel: () => void };

function Words({ words: { title, forClass, labels = [], peek }, inUse = [], onSave, onCancel }: WordsProps) {
  const { register, handleSubmit, formState, watch, setValue } = useForm({
    resolver: standardSchemaResolver(Typed),
    defaultValues: { title, forClass, labels: labels.join(", "), peek },
  });
  const chosen = labelsIn(watch("labels"));
  const turn = (label: string) => {
    const next = chosen.includes(label) ? chosen.filter((one) => one !== label) : [...chosen, label];
    setValue("labels", next.join(", "), { shouldValidate: true });
  };
  return (
    <form onSubmit={handleSubmit(onSave)} noValidate className="flex flex-col gap-4">
      <Field label="Title" message={formState.errors.title?.message} {...register("title")} />
      <Field
        label="Class"
        hint="optional"
        message={formState.errors.forClass?.message}
        {...register("forClass")}
      />
      <div>
        <Field
          label="Labels"
          hint="optional, with commas between them"
          message={formState.errors.labels?.message}
          {...register("labels")}
        />
        {inUse.length > 0 && (
          <fieldset
            aria-label="Labels of other lessons"
            className="mt-2 flex max-h-40 flex-wrap gap-2 overflow-y-auto"
          >
            {inUse.map((label) => (
              <TurnButton
                key={label}
                aria-pressed={chosen.includes(label)}
                onClick={() => turn(label)}
                className={clsx(
                  "h-press rounded-full border px-4 font-semibold",
                  chosen.includes(label) ? "border-ink bg-ink text-board" : "border-edge hover:border-ink",
                )}
              >
                {label}
              </TurnButton>
            ))}
          </fieldset>
        )}
      </div>
      {/* If the current setting is known: on the shelf it is not. */}
      {peek !== undefined && (
        <Switch
          label="In class, a long press shows what a cover hides: everybody sees it"
          on={watch("peek") ?? false}
          onChange={(on) => setValue("peek", on)}
        />
      )}
      <DialogEnd>
        <Button onClick={onCancel}>Cancel</Button>
        <Button type="submit" tone="strong">
          Save
        </Button>
      </DialogEnd>
    </form>
  );
}
