import type { ReactNode } from "react";

/** A page that says one thing, with the way back to the lessons. */
export function Notice({ title, children, more }: { title: string; children: ReactNode; more?: ReactNode }) {
  return (
    <main className="flex min-h-dvh flex-col items-center justify-center gap-8 bg-wall p-8 text-center">
      <svg aria-hidden viewBox="0 0 120 60" className="w-40">
        <path d="M0 60V48h30V36h30V24h30V12h30V60z" className="fill-stair" />
      </svg>
      <div>
        <h1 className="text-title font-bold">{title}</h1>
        <p className="mt-3 max-w-lg text-large leading-snug text-quiet">{children}</p>
      </div>
      <div className="flex gap-3">
        {more}
        {/* A full page load leaves what went wrong behind. */}
        <a href="/" className="flex h-press items-center rounded-button bg-ink px-6 font-semibold text-board">
          Back to the lessons
        </a>
      </div>
    </main>
  );
}
