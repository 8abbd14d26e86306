import type { Sheet, SheetPages } from "@/core/sheet/sheet";

const TOO_LONG_MS = 200_000;

/**
 * Requests a sheet as a PDF, or only its first copies, or only some of its pages: null if it has none of these. Throws
 * if it cannot be made.
 */
export async function askSheet(
  sheet: Sheet,
  copies: number,
  pages: SheetPages,
  signal?: AbortSignal,
): Promise<Blob | null> {
  const late = AbortSignal.timeout(TOO_LONG_MS);
  const response = await fetch("/api/sheet", {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ sheet, copies, pages }),
    signal: signal ? AbortSignal.any([signal, late]) : late,
  });
  if (!response.ok) throw new Error("The sheet could not be made.");
  return response.status === 204 ? null : response.blob();
}
