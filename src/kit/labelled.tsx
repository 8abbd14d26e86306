import type { ReactNode } from "react";

/** What a group of controls is for, said above it. The group names itself with the same words. */
export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div>
      <p className="mb-1.5 short:mb-1 text-small font-semibold">{label}</p>
      {children}
    </div>
  );
}
