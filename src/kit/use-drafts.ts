"use client";

import { type FocusEvent, type KeyboardEvent, useEffect, useLayoutEffect, useRef, useState } from "react";
import { flushSync } from "react-dom";
import { afterPress } from "./after-press";
import { say } from "./messages";
import { openDrafts } from "./open-drafts";

/** The typed texts by field; the one typed in last comes last. */
export type Typed<P extends string> = { readonly [part in P]?: string };
export type DraftRead<T, P extends string> =
  | { ok: true; value: T }
  | { ok: false; message: string; at?: P | undefined };

type Options<P extends string, T> = {
  /** What the fields belong to. When that changes, the typed texts of the old one have been settled. */
  of: string;
  /** The current value that the fields are about. */
  values: Readonly<Record<P, string>>;
  /** Reads all typed fields together: fields that are refused are refused together. */
  read: (typed: Typed<P>) => DraftRead<T, P>;
  take: (value: T) => void;
  /** A value as shown in a field that is being typed in. */
  plain?: (value: string) => string;
  /** What the button beside the fields does: Enter does it too, once the typed text has been accepted. */
  enter?: (() => void) | undefined;
};

const SETTLE_MS = 450;

/**
 * Fields that belong together. Typed text is accepted shortly after the last key, at Enter, or when the field is left.
 * Text that cannot be used stays, with the reason beside it, as long as the focus is in one of these fields, so that
 * another field that would mend it can be typed in next. Once they are left, every field shows the current value again.
 */
export function useDrafts<P extends string, T>(options: Options<P, T>) {
  const { of, values } = options;
  const latest = useRef(options);
  useLayoutEffect(() => {
    latest.current = options;
  });
  const [typed, drawTyped] = useState<Typed<P>>({});
  // Kept in a ref so that it is known at once, before it is rendered: a field may be left at the same moment.
  const now = useRef<Typed<P>>({});
  const type = (next: Typed<P>) => {
    now.current = next;
    drawTyped(next);
  };
  /** The field with the focus, and its text. */
  const [here, setHere] = useState<{ part: P; text: string } | null>(null);
  const [told, drawTold] = useState<{ part: P; message: string } | null>(null);
  const callOff = useRef<() => void>(undefined);
  /** Shows or hides a reason: at once, or, during a press, once the press has reached its button. */
  const tell = (next: typeof told, when: "now" | "after-press" = "now") => {
    callOff.current?.();
    const about = heldBy(latest.current);
    // The current value may have changed meanwhile: then the reason is about the old one.
    const draw = () => (next === null || heldBy(latest.current) === about) && drawTold(next);
    callOff.current = when === "now" ? undefined : afterPress(draw);
    if (when === "now") draw();
  };
  const [taking, setTaking] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const plain = options.plain ?? ((value: string) => value);
  /** Accepts the typed text if it can be used; otherwise shows why beside its field, and returns the reason. */
  const take = (when?: "after-press"): { part: P; message: string } | null => {
    clearTimeout(timer.current);
    const last = lastOf(now.current);
    if (last === undefined) return null;
    const read = latest.current.read(now.current);
    if (!read.ok) {
      tell({ part: read.at ?? last, message: read.message }, when);
      return { part: read.at ?? last, message: read.message };
    }
    type({});
    setTaking(true);
    tell(null, when);
    latest.current.take(read.value);
    return null;
  };
  /** Discards text that could not be used; the reason stays. Returns it in words. */
  const leave = (when?: "after-press"): string | null => {
    const last = lastOf(now.current);
    const fault = take(when);
    if (fault === null || last === undefined) return null;
    const message = `“${now.current[last]}” was not used. ${fault.message}`;
    type({});
    tell({ part: fault.part, message }, when);
    return message;
  };

  // Whatever shows something else settles typed text first; a field that disappears does so itself.
  const leaving = useRef(leave);
  useLayoutEffect(() => {
    leaving.current = leave;
  });
  useEffect(() => {
    const close = () => {
      const message = leaving.current();
      if (message !== null) say(message);
    };
    openDrafts.add(close);
    return () => {
      openDrafts.delete(close);
      close();
      callOff.current?.();
    };
  }, []);

  // The current value was changed elsewhere: text typed before is about a value that no longer exists.
  const held = heldBy(options);
  const [seen, setSeen] = useState(held);
  if (seen !== held) {
    setSeen(held);
    const sameOwner = seen.startsWith(`${of} `);
    setTaking(false);
    if (!taking || !sameOwner) {
      type({});
      drawTold(null);
      if (here) setHere({ part: here.part, text: plain(values[here.part]) });
    }
  }

  const field = (part: P) => ({
    value: here?.part === part ? here.text : (typed[part] ?? values[part]),
    message: told?.part === part ? told.message : undefined,
    onFocus: ({ currentTarget }: FocusEvent<HTMLInputElement>) => {
      const text = typed[part] ?? plain(values[part]);
      const isOther = text !== currentTarget.value;
      flushSync(() => setHere({ part, text }));
      // Changing its text would lose the selection: what is typed next is to replace all of it.
      if (isOther) currentTarget.select();
    },
    onChange: ({ target: { value: text } }: { target: { value: string } }) => {
      const { [part]: _, ...others } = now.current;
      setTaking(false);
      tell(null);
      setHere({ part, text });
      type({ ...others, [part]: text } as Typed<P>);
      clearTimeout(timer.current);
      timer.current = setTimeout(take, SETTLE_MS);
    },
    onBlur: () => {
      take("after-press");
      setHere(null);
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key === "Enter" && take() === null) latest.current.enter?.();
    },
  });

  /** For the element that contains the fields and the buttons that act on them. */
  const group = {
    onBlur: ({ currentTarget, relatedTarget, target }: FocusEvent) => {
      // Switching to another window keeps what is typed in this one.
      if (target === document.activeElement) return;
      if (!currentTarget.contains(relatedTarget as Node | null)) leave("after-press");
    },
  };
  return {
    field,
    group,
    /** For a button beside the fields: false if one of them is refused, which then shows why. */
    settle: () => take() === null,
  };
}

/** What the fields belong to and are about, as one string. */
const heldBy = ({ of, values }: { of: string; values: object }) => `${of} ${JSON.stringify(values)}`;

const lastOf = <P extends string>(typed: Typed<P>) => Object.keys(typed).at(-1) as P | undefined;
