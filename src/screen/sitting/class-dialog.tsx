"use client";

import { type FormEvent, useEffect, useState } from "react";
import { Button } from "@/kit/button";
import { Dialog, DialogEnd } from "@/kit/dialog";
import { Field } from "@/kit/field";
import { useBoard, useBoardStore } from "../store/use-board";
import { askSittings, beginWith, carryOn } from "./carry-on";
import { ForClass, type SittingTold } from "./sitting-messages";

/** Another class for the lesson that is open: carried on where it stopped with it, or from the beginning. */
export function ClassDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const store = useBoardStore();
  const now = useBoard((state) => state.taughtTo);
  const [sittings, setSittings] = useState<readonly SittingTold[]>([]);
  const [typed, setTyped] = useState("");
  const [message, setMessage] = useState<string>();
  useEffect(() => {
    let gone = false;
    void askSittings(id).then((told) => !gone && setSittings(told));
    return () => {
      gone = true;
    };
  }, [id]);
  const others = sittings.filter(({ forClass }) => forClass !== now);
  const begin = (event: FormEvent) => {
    event.preventDefault();
    const read = ForClass.safeParse(typed);
    if (!read.success || read.data === "")
      return setMessage(read.error?.issues[0]?.message ?? "Write which class.");
    if (read.data === now) return setMessage("This class is being taught.");
    beginWith(id, store, read.data);
    onClose();
  };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title="Teach another class"
      description={`${now || "The class so far"} keeps where it is, and is carried on another time.`}
    >
      {others.length > 0 && (
        <div className="mb-5 flex flex-col gap-2">
          {others.map(({ forClass, where, when }) => (
            <Button
              key={forClass}
              className="justify-between"
              onClick={() => void carryOn(id, store, forClass).then((done) => done && onClose())}
            >
              {forClass || "No class"}
              <span className="font-normal text-quiet">
                carry on at {where}, {when}
              </span>
            </Button>
          ))}
        </div>
      )}
      <form noValidate onSubmit={begin}>
        <Field
          label="Class"
          value={typed}
          maxLength={60}
          message={message}
          onChange={({ target }) => {
            setTyped(target.value);
            setMessage(undefined);
          }}
        />
        <DialogEnd>
          <Button onClick={onClose}>Cancel</Button>
          <Button type="submit" tone="strong">
            From the beginning
          </Button>
        </DialogEnd>
      </form>
    </Dialog>
  );
}
