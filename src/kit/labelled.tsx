import type { ReactNode } from "react";

/** A group of controls with its purpose above it. The group is named by the same words. */
export function Labelled({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div>
      <p className="mb-1.5 short:mb-1 text-small font-semibold">{label}</p>
      {children}
    </div>
  );
}
