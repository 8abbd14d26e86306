"use client";

import { EyeOff } from "lucide-react";
import { type ReactNode, useState } from "react";
import { IconButton } from "@/kit/button";
import { useBoard } from "../store/use-board";

type Props = { name: string; children: ReactNode; aside?: ReactNode };

/**
 * Something for the class to find: while preparing it can be read; in class it is under a cover until it is touched,
 * since everybody sees the one screen.
 */
export function ToldLine({ name, children, aside }: Props) {
  const preparing = useBoard((state) => state.preparing);
  const [told, setTold] = useState(false);
  if (!preparing && !told) {
    return (
      <button
        type="button"
        aria-label={`Show ${name}`}
        onClick={() => setTold(true)}
        className="min-h-press w-full rounded-button bg-cover"
      />
    );
  }
  return (
    <div className="flex min-h-press items-center gap-2 rounded-button border border-edge py-1.5 pr-1.5 pl-3">
      <div className="min-w-0 flex-1 leading-snug">{children}</div>
      {aside}
      {!preparing && (
        <IconButton name={`Cover ${name} again`} onClick={() => setTold(false)}>
          <EyeOff aria-hidden size={19} />
        </IconButton>
      )}
    </div>
  );
}
