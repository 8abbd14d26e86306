"use client";

import { useRouter } from "next/navigation";
import { useEffect, useState } from "react";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { forgetWork, keepAgain, type WorkAside } from "../save/kept-keys";
import { type KeptWork as Kept, leftWork, workAside } from "../save/kept-work";
import { sendAside } from "../save/send-copy";
import { openWindows } from "../save/window-name";

type Work = { left: Kept[]; aside: WorkAside[] };

/** Work stored in this browser that is not on the shelf: not saved yet, or set aside for the saved lesson. */
export function KeptWork() {
  const router = useRouter();
  const [work, setWork] = useState<Work>({ left: [], aside: [] });
  const find = async () => {
    const isOpen = await openWindows();
    setWork({ left: leftWork(isOpen), aside: workAside() });
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is kept is looked at once, when the shelf opens.
  useEffect(() => void find(), []);
  if (work.left.length + work.aside.length === 0) return null;
  const copy = (one: WorkAside) =>
    sendAside(one).then(
      () => {
        void find();
        router.refresh();
      },
      () => say("It could not be put on the shelf. Check that Yellow Stair is running, then try again."),
    );
  const throwAway = (one: WorkAside) => {
    forgetWork(one.key);
    void find();
    say(`“${one.lesson.title}” thrown away.`, {
      label: "Put back",
      run: () => {
        keepAgain(one);
        void find();
      },
    });
  };
  return (
    <section aria-labelledby="kept-work" className="mb-8 rounded-card border-2 border-stair-deep bg-lit p-5">
      <h2 id="kept-work" className="mb-2 text-large font-bold">
        Kept in this browser
      </h2>
      <ul className="flex flex-col gap-2">
        {work.left.map(({ key, id, lesson }) => (
          <li key={key} className="flex flex-wrap items-center gap-3">
            <span className="min-w-0 flex-1 truncate">
              <strong>{lesson.title}</strong>: changes that are not saved yet. They are saved once it is
              opened.
            </span>
            <Button tone="strong" onClick={() => window.location.assign(`/lesson/${id}?prepare`)}>
              Open it
            </Button>
          </li>
        ))}
        {work.aside.map((one) => (
          <li key={one.key} className="flex flex-wrap items-center gap-3">
            <span className="min-w-0 flex-1 truncate">
              <strong>{one.lesson.title}</strong>: set aside for the saved lesson.
            </span>
            <Button tone="strong" onClick={() => void copy(one)}>
              Put it on the shelf as a copy
            </Button>
            <Button onClick={() => throwAway(one)}>Throw it away</Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
