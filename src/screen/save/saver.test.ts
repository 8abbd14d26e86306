import { describe, expect, test } from "vitest";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { startingChart } from "@/core/surface/starting-charts";
import type { Save, SaveAnswer } from "./save-messages";
import { createSaver, type SaveState, type Unsaved } from "./saver";

const lesson = (title: string) =>
  newLesson({ title, forClass: "" }, newBoard("b", "Board", startingChart("1-24")));

/** A saver with a server, a clock and a browser of its own. The server keeps revisions as the real one does. */
function desk(start: { unsaved?: Unsaved; keepsNothing?: boolean } = {}) {
  const server = {
    revision: 1,
    saveName: null as string | null,
    title: "as it was",
    down: false,
    losesAnswers: false,
  };
  const states: SaveState[] = [];
  let kept: Unsaved | null = null;
  let timers: { due: number; run: () => void }[] = [];
  let time = 0;
  const waiting: (() => void)[] = [];
  const answer = (save: Save): SaveAnswer => {
    if (save.basedOn !== server.revision)
      return { kind: "stale", revision: server.revision, saveName: server.saveName };
    Object.assign(server, {
      revision: server.revision + 1,
      saveName: save.saveName,
      title: save.lesson.title,
    });
    return { kind: "saved", revision: server.revision };
  };
  const saver = createSaver({
    name: "this window",
    revision: 1,
    ...(start.unsaved ? { unsaved: start.unsaved } : {}),
    send: async (save) => {
      await new Promise<void>((resolve) => waiting.push(resolve));
      if (server.down) throw new Error("no answer");
      const answered = answer(save);
      if (server.losesAnswers) throw new Error("the answer got lost");
      return answered;
    },
    keep: (work) => {
      if (start.keepsNothing) return false;
      kept = work;
      return true;
    },
    tell: (state) => states.push(state),
    after: (milliseconds, run) => {
      const timer = { due: time + milliseconds, run };
      timers.push(timer);
      return () => {
        timers = timers.filter((other) => other !== timer);
      };
    },
  });
  /** Lets time pass and the network answer. */
  const pass = async (milliseconds: number) => {
    time += milliseconds;
    for (let round = 0; round < 6; round += 1) {
      for (const timer of timers.filter(({ due }) => due <= time)) {
        timers = timers.filter((other) => other !== timer);
        timer.run();
      }
      for (const go of waiting.splice(0)) go();
      await new Promise((resolve) => setImmediate(resolve));
    }
  };
  return { server, saver, states, pass, kept: () => kept, last: () => states.at(-1) };
}

describe("saving as you work", () => {
  test("many changes in a row are saved once, the last of them", async () => {
    const { server, saver, pass, kept, last } = desk();
    for (const title of ["a", "ab", "abc"]) saver.change(lesson(title));
    expect(kept()?.lesson.title).toBe("abc");
    await pass(600);
    expect([server.title, server.revision, last()?.kind, kept()]).toEqual(["abc", 2, "saved", null]);
  });

  test("a change during a save is saved after it", async () => {
    const { server, saver, pass, last } = desk();
    saver.change(lesson("first"));
    void saver.flush();
    saver.change(lesson("second"));
    await pass(0);
    await pass(600);
    expect([server.title, server.revision, last()?.kind]).toEqual(["second", 3, "saved"]);
  });

  test("while the server is away work is kept and tried again, and saved when it is back", async () => {
    const { server, saver, pass, kept, last } = desk();
    server.down = true;
    saver.change(lesson("written by hand"));
    await pass(600);
    expect(last()?.kind).toBe("waiting");
    expect(kept()?.lesson.title).toBe("written by hand");
    await pass(1000);
    expect(last()?.kind).toBe("waiting");
    server.down = false;
    await pass(10_000);
    expect([server.title, last()?.kind, kept()]).toEqual(["written by hand", "saved", null]);
  });

  test("a save whose answer got lost is not taken for another window's", async () => {
    const { server, saver, pass, last } = desk();
    server.losesAnswers = true;
    saver.change(lesson("saved unheard"));
    await pass(600);
    expect([server.title, last()?.kind]).toEqual(["saved unheard", "waiting"]);
    server.losesAnswers = false;
    saver.change(lesson("and more"));
    await pass(20_000);
    await pass(20_000);
    expect([server.title, last()?.kind]).toEqual(["and more", "saved"]);
  });

  test("however many tries follow a lost answer, the window knows its own save", async () => {
    const { server, saver, pass, last } = desk();
    server.losesAnswers = true;
    saver.change(lesson("saved unheard"));
    await pass(600);
    server.losesAnswers = false;
    server.down = true;
    for (let i = 0; i < 30; i += 1) {
      saver.change(lesson(`and more ${i}`));
      await pass(11_000);
    }
    server.down = false;
    await pass(20_000);
    await pass(20_000);
    expect([server.title, last()?.kind]).toEqual(["and more 29", "saved"]);
  });

  test("says that work is kept only where it is", async () => {
    for (const keepsNothing of [false, true]) {
      const { server, saver, pass, last } = desk({ keepsNothing });
      server.down = true;
      saver.change(lesson("nowhere"));
      await pass(600);
      expect(last()).toEqual({ kind: "waiting", kept: !keepsNothing });
    }
  });

  test("a stale window keeps what is written in it after that, too", async () => {
    const { server, saver, pass, kept } = desk();
    Object.assign(server, { revision: 5, saveName: "somebody else's" });
    saver.change(lesson("mine"));
    await pass(600);
    saver.change(lesson("mine, and more"));
    expect(kept()?.lesson.title).toBe("mine, and more");
  });

  test("a stale save is told, nothing more is sent, and the work is kept", async () => {
    const { server, saver, pass, kept, last } = desk();
    Object.assign(server, { revision: 5, saveName: "somebody else's", title: "theirs" });
    saver.change(lesson("mine"));
    await pass(600);
    expect([last()?.kind, server.title, kept()?.lesson.title]).toEqual(["stale", "theirs", "mine"]);
    saver.change(lesson("mine still"));
    await pass(60_000);
    expect(server.title).toBe("theirs");
  });

  test("work kept from before is saved when the lesson is opened again", async () => {
    const { server, pass, last } = desk({
      unsaved: { name: "this window", basedOn: 1, lesson: lesson("from yesterday") },
    });
    await pass(0);
    expect([server.title, last()?.kind]).toEqual(["from yesterday", "saved"]);
  });

  test("once stopped it sends nothing", async () => {
    const { server, saver, pass } = desk();
    saver.change(lesson("dropped"));
    saver.stop();
    await pass(60_000);
    expect(server.title).toBe("as it was");
  });
});
