/** Answers a page that asks whether the server is there, before it is left for another one. */
export function GET(): Response {
  return new Response(null, { status: 204, headers: { "Cache-Control": "no-store" } });
}
