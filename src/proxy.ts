import { isIP } from "node:net";
import { hostname } from "node:os";
import { type NextRequest, NextResponse } from "next/server";

/**
 * The host names of this machine. A page elsewhere could otherwise give itself another name that resolves to this
 * address and be taken for Yellow Stair's own; a numeric address cannot be taken over like that.
 */
const NAMES = new Set(
  [
    "localhost",
    hostname(),
    `${hostname()}.local`,
    process.env.HOST ?? "",
    ...(process.env.HOST_NAMES ?? "").split(","),
  ]
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== ""),
);

function isOwn(host: string): boolean {
  const name = host.toLowerCase().replace(/:\d+$/, "");
  return NAMES.has(name) || isIP(name.replace(/^\[|\]$/g, "")) !== 0;
}

/** Why a request is refused; null if it is not. */
function refusal({ headers, method, nextUrl }: NextRequest): { status: number; words: string } | null {
  if (!isOwn(headers.get("host") ?? "")) {
    const words =
      "Yellow Stair is not known under this name. Where it should be, add the name to HOST_NAMES.";
    return { status: 421, words };
  }
  // Pages are only read; changes go through routes under /api.
  const reads = method === "GET" || method === "HEAD";
  if (!reads && !nextUrl.pathname.startsWith("/api/"))
    return { status: 405, words: "Pages can only be read." };
  try {
    decodeURIComponent(nextUrl.pathname);
    return null;
  } catch {
    return { status: 400, words: "This address cannot be read." };
  }
}

/**
 * Gives each page a Content-Security-Policy with a nonce of its own: only this application's own scripts run, and
 * nothing is asked of any other host.
 */
export function proxy(request: NextRequest) {
  const refused = refusal(request);
  if (refused) return new NextResponse(refused.words, { status: refused.status });
  const nonce = btoa(crypto.randomUUID());
  const development = process.env.NODE_ENV === "development";
  const policy = [
    "default-src 'none'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'${development ? " 'unsafe-eval'" : ""}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    `connect-src 'self'${development ? " ws:" : ""}`,
    "worker-src 'self'",
    // A sheet is previewed as its PDF, in a frame.
    "frame-src blob:",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join("; ");
  const headers = new Headers(request.headers);
  headers.set("x-nonce", nonce);
  headers.set("Content-Security-Policy", policy);
  const response = NextResponse.next({ request: { headers } });
  response.headers.set("Content-Security-Policy", policy);
  return response;
}

export const config = { matcher: ["/((?!_next/static|favicon.ico|icon.svg).*)"] };
