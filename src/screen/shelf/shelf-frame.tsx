import { clsx } from "clsx";
import Link from "next/link";
import type { ReactNode } from "react";
import { EarlyPresses } from "@/kit/early-presses";

type Props = { here: "lessons" | "removed"; removed: number; nonce: string; children: ReactNode };

/** The page around the shelf: the name, the entrances, and a stair that rises with the window. */
export function ShelfFrame({ here, removed, nonce, children }: Props) {
  const link = "flex h-press items-center justify-between rounded-button px-3 text-large font-semibold";
  const style = (chosen: boolean) => clsx(link, chosen ? "bg-ink text-board" : "text-ink hover:bg-ink/10");
  return (
    <div className="flex min-h-dvh bg-board max-md:flex-col">
      <EarlyPresses nonce={nonce} />
      <nav
        aria-label="Shelf"
        className="sticky top-0 flex h-dvh w-[11.5rem] shrink-0 flex-col overflow-hidden bg-stair px-4 pt-8 max-md:static max-md:h-auto max-md:w-auto max-md:flex-row max-md:flex-wrap max-md:items-center max-md:gap-3 max-md:py-4"
      >
        <p className="mb-9 px-3 text-head leading-[1.02] font-extrabold tracking-[-0.02em] max-md:mr-auto max-md:mb-0 max-md:text-title">
          Yellow <br className="max-md:hidden" />
          Stair
        </p>
        <div className="flex flex-col gap-1.5 max-md:flex-row">
          <Link
            href="/"
            prefetch={false}
            className={style(here === "lessons")}
            aria-current={here === "lessons" ? "page" : undefined}
          >
            Lessons
          </Link>
          {(removed > 0 || here === "removed") && (
            <Link
              href="/removed"
              prefetch={false}
              className={style(here === "removed")}
              aria-current={here === "removed" ? "page" : undefined}
            >
              Removed <span className="font-medium">{removed}</span>
            </Link>
          )}
        </div>
        <svg
          aria-hidden
          viewBox="0 0 260 200"
          preserveAspectRatio="none"
          className="absolute inset-x-0 bottom-0 h-[26%] w-full max-md:hidden"
        >
          <path d="M0 200V160H52V120H104V80H156V40H208V0H260V200z" className="fill-ink" />
        </svg>
      </nav>
      <main className="min-w-0 flex-1 px-8 py-9 max-md:px-5 max-md:py-6">
        <div className="mx-auto max-w-[225rem]">{children}</div>
      </main>
    </div>
  );
}
