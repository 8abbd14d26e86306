/** Why Yellow Stair cannot start, in one or two plain sentences that say what to do. */
export class StartFault extends Error {}

/** The error codes of SQLite, the file system and the network, and what they mean for whoever starts the server. */
const FAULTS: readonly { is: RegExp; words: (where: string) => string }[] = [
  {
    is: /NOTADB|CORRUPT|malformed|not a database|disk image/i,
    words: (where) =>
      `The database ${where} is damaged, or is not a database. Put a copy of it back, or set DATABASE_URL to another file.`,
  },
  {
    is: /READONLY|read-?only|EACCES|EPERM|EROFS|CANTOPEN|unable to open|ENOTDIR|EISDIR|permission denied/i,
    words: (where) =>
      `The database ${where} cannot be opened for writing. Check that its folder exists and may be written to, or set DATABASE_URL to another file.`,
  },
  {
    is: /BUSY|LOCKED|locked/i,
    words: (where) =>
      `The database ${where} is in use by another program. End that one, then start Yellow Stair again.`,
  },
  {
    is: /FULL|ENOSPC|no space/i,
    words: (where) =>
      `The disk is full: the database ${where} cannot be written. Make room, then start again.`,
  },
  {
    is: /UNAUTHORIZED|401|403|auth/i,
    words: (where) => `The database ${where} refuses the token. Check DATABASE_AUTH_TOKEN.`,
  },
  {
    is: /fetch failed|ECONNREFUSED|ENOTFOUND|ECONNRESET|ETIMEDOUT|EAI_AGAIN|SERVER_ERROR|websocket|URL_/i,
    words: (where) =>
      `The database ${where} cannot be reached. Check DATABASE_URL and the connection, then start again.`,
  },
];

/** The fault in plain words, without any internals. */
export function startFault(reason: unknown, where: string): StartFault {
  if (reason instanceof StartFault) return reason;
  const text = textOf(reason);
  const known = FAULTS.find(({ is }) => is.test(text));
  const first = text.split("\n")[0]?.slice(0, 160) ?? "";
  return new StartFault(known?.words(where) ?? `The database ${where} cannot be used: ${first}`);
}

/** The messages of an error and all its causes. */
function textOf(reason: unknown, depth = 0): string {
  if (!(reason instanceof Error) || depth > 4) return String(reason);
  const code = "code" in reason ? String(reason.code) : "";
  return `${code} ${reason.message} ${reason.cause === undefined ? "" : textOf(reason.cause, depth + 1)}`.trim();
}
