"use client";

import { Copy, FileDown, History, MoreVertical, PencilLine, Trash2, TriangleAlert } from "lucide-react";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { memo, useState } from "react";
import { IconButton } from "@/kit/button";
import { later } from "@/kit/later";
import { Menu, MenuItem } from "@/kit/menu";
import { say } from "@/kit/messages";
import { BoardPicture } from "./board-picture";
import { boardsOf, type ShelfLesson } from "./shelf-lesson";
import { useDoor } from "./use-door";

const LessonWordsDialog = later(() =>
  import("../lesson-words-dialog").then((part) => part.LessonWordsDialog),
);
const VersionsDialog = later(() => import("../versions/versions-dialog").then((part) => part.VersionsDialog));

type Props = {
  lesson: ShelfLesson;
  /** Its position among the search results. */
  place: number;
  total: number;
  /** The labels in use on the shelf. */
  inUse: readonly string[];
  /** Its picture came with the page. */
  isDrawn: boolean;
};

/**
 * A lesson on the shelf: its picture and its words; a touch opens it. Memoised: the list is measured and rendered
 * again, its cards are not.
 */
export const LessonCard = memo(function LessonCard({ lesson, place, total, inUse, isDrawn }: Props) {
  const [naming, setNaming] = useState(false);
  const [looking, setLooking] = useState(false);
  const router = useRouter();
  const [busy, ask] = useDoor();
  const { id, title } = lesson;
  const details = [boardsOf(lesson.boards), lesson.forClass];
  const remove = () =>
    ask({ do: "remove", id }, () =>
      say(`“${title}” removed.`, {
        label: "Put back",
        run: () => ask({ do: "put-back", id }, () => {}),
      }),
    );
  return (
    <li className={busy ? "opacity-60" : ""} aria-setsize={total} aria-posinset={place + 1}>
      <div className="group relative">
        {lesson.fault ? (
          <div className="flex aspect-[16/10] items-center gap-4 rounded-card border border-wrong bg-board p-6 text-wrong">
            <TriangleAlert aria-hidden className="shrink-0" />
            <p>{lesson.fault} It is kept as it is; the other lessons are not touched.</p>
          </div>
        ) : (
          // A picture out of sight is not laid out.
          <div className="aspect-[16/10] rounded-card border border-edge bg-board p-3 [content-visibility:auto] group-hover:border-ink">
            {lesson.picture && (
              <BoardPicture lesson={id} revision={lesson.revision} board={lesson.picture} ahead={isDrawn} />
            )}
          </div>
        )}
        <div className="mt-3 flex items-start gap-1">
          <div className="min-w-0 flex-1">
            <h2 className="truncate text-large font-bold">
              {lesson.fault ? (
                title
              ) : (
                <Link
                  href={`/lesson/${id}`}
                  prefetch={false}
                  className="after:absolute after:inset-0 after:rounded-card"
                >
                  {title}
                </Link>
              )}
            </h2>
            <p className="truncate text-small text-quiet">{details.filter(Boolean).join(" · ")}</p>
            <p className="truncate text-small text-quiet first-letter:uppercase">{lesson.taught}</p>
            {inUse.length > 0 && (
              <p className="flex h-8 items-end gap-1.5 overflow-hidden">
                {lesson.labels.map((label) => (
                  <span
                    key={label}
                    className="max-w-40 shrink-0 truncate rounded-full bg-wall px-2.5 py-0.5 text-small font-medium"
                  >
                    {label}
                  </span>
                ))}
              </p>
            )}
          </div>
          <Menu
            button={
              <IconButton name={`More for ${title}`} className="relative -mr-2">
                <MoreVertical aria-hidden size={22} />
              </IconButton>
            }
          >
            {!lesson.fault && (
              <>
                <MenuItem icon={<PencilLine aria-hidden size={19} />} onSelect={() => setNaming(true)}>
                  Rename or label
                </MenuItem>
                <MenuItem
                  icon={<Copy aria-hidden size={19} />}
                  onSelect={() => ask({ do: "duplicate", id }, () => say(`“${title}” duplicated.`))}
                >
                  Duplicate
                </MenuItem>
                <MenuItem icon={<History aria-hidden size={19} />} onSelect={() => setLooking(true)}>
                  Earlier versions
                </MenuItem>
                <MenuItem
                  icon={<FileDown aria-hidden size={19} />}
                  onSelect={() => window.location.assign(`/api/lessons/${encodeURIComponent(id)}/file`)}
                >
                  Save as a file
                </MenuItem>
              </>
            )}
            <MenuItem icon={<Trash2 aria-hidden size={19} />} onSelect={remove}>
              Remove
            </MenuItem>
          </Menu>
        </div>
      </div>
      {looking && (
        <VersionsDialog
          id={id}
          onClose={() => setLooking(false)}
          onRestored={() => {
            setLooking(false);
            router.refresh();
          }}
        />
      )}
      {naming && (
        <LessonWordsDialog
          open
          onOpenChange={setNaming}
          words={lesson}
          inUse={inUse}
          onSave={(words) => ask({ do: "reword", id, words }, () => setNaming(false))}
        />
      )}
    </li>
  );
});
