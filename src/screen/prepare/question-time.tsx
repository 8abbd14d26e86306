import type { Step } from "@/core/lesson/board";
import type { NumberKey } from "@/core/number/exact";
import { listNumbers } from "@/core/set/rule-words";
import { Choice } from "@/kit/choice";

const TIMES = [
  { value: "with", label: "With what it does" },
  { value: "first", label: "Before what it does" },
] as const;

type Props = {
  asks: Step["asks"];
  /** Numbers of the answer that the step shows with its question. */
  told: readonly NumberKey[];
  onChange: (asks: Step["asks"]) => void;
};

/** Whether a step asks its question together with what it does, or first. */
export function QuestionTime({ asks, told, onChange }: Props) {
  return (
    <div className="flex flex-col gap-1.5">
      <Choice
        label="Its question comes"
        value={asks ?? "with"}
        options={TIMES}
        onChange={(time) => onChange(time === "first" ? "first" : undefined)}
      />
      {told.length > 0 && (
        <p className="text-small font-medium text-quiet">
          What it does shows the answer with the question: {listNumbers(told, 6)}.
        </p>
      )}
    </div>
  );
}
