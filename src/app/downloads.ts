/** A response that the browser saves as a file. The file name is plain ASCII. */
export function download(
  body: string | Uint8Array<ArrayBuffer>,
  name: string,
  type: string,
  how: "attachment" | "inline" = "attachment",
): Response {
  return new Response(body, {
    headers: {
      "Content-Type": type,
      "Content-Disposition": `${how}; filename="${name}"`,
      "Cache-Control": "no-store",
    },
  });
}
