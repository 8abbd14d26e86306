const YEAR_S = 31_536_000;

/** Stores something for a year that the server needs when it renders the next page. */
export function keepCookie(name: string, value: string): void {
  // biome-ignore lint/suspicious/noDocumentCookie: the cookie store is not there on a plain address of another machine.
  document.cookie = `${name}=${value}; path=/; max-age=${YEAR_S}; samesite=strict`;
}
