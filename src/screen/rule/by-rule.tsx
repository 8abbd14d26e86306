"use client";

import { Tabs } from "@/kit/tabs";
import { PatternPage } from "../pattern/pattern-page-later";
import { CoversPage } from "./covers-page";
import { MarksPage } from "./marks-page";

/** Marking and covering by rule, in class. */
export function ByRule({ page, onPage }: { page: string; onPage: (page: string) => void }) {
  return (
    <aside aria-label="By rule" className="flex min-h-0 flex-col rounded-card bg-board p-4">
      <Tabs
        label="What to do by rule"
        page={page}
        onPage={onPage}
        pages={[
          { id: "marks", name: "Marks", content: <MarksPage /> },
          { id: "covers", name: "Covers", content: <CoversPage /> },
          { id: "pattern", name: "Pattern", content: <PatternPage /> },
        ]}
      />
    </aside>
  );
}
