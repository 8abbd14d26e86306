const YEAR_S = 31_536_000;

/** Keeps something for a year that the server is to know when it makes the next page. */
export function keepCookie(name: string, value: string): void {
  // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not there on a plain address of another machine.
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`;
}
