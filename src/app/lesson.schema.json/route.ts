import { lessonFileSchema } from "@/core/lesson/lesson-file";

/** The JSON Schema of the lesson file. */
export function GET(): Response {
  return new Response(`${JSON.stringify(lessonFileSchema(), null, 2)}\n`, {
    headers: { "Content-Type": "application/schema+json" },
  });
}
