import * as z from "@/core/zod";

/** Maximum total size of files opened together, in bytes. */
export const LARGEST_HANDFUL = 110_000_000;

export const FileChoice = z.enum(["replace", "both", "leave"]);
export type FileChoice = z.infer<typeof FileChoice>;

/** What is to be done with files: only looked at, or opened, with a choice for each lesson that is there already. */
export const OpenRequest = z.object({
  open: z.boolean(),
  choices: z.record(z.string().check(z.regex(/^\d{1,5}$/)), FileChoice),
});

/** How a file relates to the shelf, or why it cannot be opened. */
export const FileStanding = z.object({
  /** Its place among all files, those of a zip one by one. */
  index: z.int(),
  file: z.string(),
  title: z.string(),
  standing: z.enum(["new", "same", "differs", "unreadable"]),
  /** What is wrong with it, or what is there. */
  message: z.string(),
});
export type FileStanding = z.infer<typeof FileStanding>;

export const OpenAnswer = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("looked"), files: z.array(FileStanding) }),
  z.object({
    kind: z.literal("opened"),
    opened: z.int(),
    replaced: z.int(),
    left: z.int(),
    unreadable: z.int(),
    ids: z.array(z.string()),
  }),
  z.object({ kind: z.literal("refused"), message: z.string() }),
]);
export type OpenAnswer = z.infer<typeof OpenAnswer>;
