import { LARGEST_REQUEST } from "@/screen/save/save-messages";

/** A request refused, with a message that says what to do. */
export function refuse(status: 400 | 403 | 404 | 413 | 503, message: string): Response {
  return Response.json({ kind: "refused", message }, { status });
}

/**
 * Reads the JSON of a request from this application's own pages, or gives the answer that refuses it. A browser sends
 * JSON for a page of another site only after asking the server first, and always names that site.
 */
export async function readJson(request: Request): Promise<{ value: unknown } | { refused: Response }> {
  if (isForeign(request)) {
    return { refused: refuse(403, "This request came from another site and was not carried out.") };
  }
  if (!/^application\/json\b/i.test(request.headers.get("content-type") ?? "")) {
    return { refused: refuse(400, "The request is not JSON. Reload the page and try again.") };
  }
  if (Number(request.headers.get("content-length") ?? 0) > LARGEST_REQUEST) return { refused: tooLarge() };
  const text = await request.text();
  if (text.length > LARGEST_REQUEST) return { refused: tooLarge() };
  try {
    return { value: JSON.parse(text) };
  } catch {
    return { refused: refuse(400, "The request is not JSON. Reload the page and try again.") };
  }
}

/** Whether a request comes from a page of another site. */
export function isForeign(request: Request): boolean {
  const site = request.headers.get("sec-fetch-site");
  if (site !== null && site !== "same-origin") return true;
  const origin = request.headers.get("origin");
  if (origin === null) return false;
  const host = request.headers.get("host");
  return !URL.canParse(origin) || new URL(origin).host !== host;
}

const tooLarge = () => refuse(413, "This lesson is too large to keep. Make two lessons of its boards.");
