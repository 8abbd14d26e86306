import * as z from "@/core/zod";
import { StartFault } from "./start-fault";

const Settings = z.object({
  DATABASE_URL: z._default(
    z
      .string()
      .check(
        z.regex(
          /^(file|libsql|wss?|https?):/,
          "DATABASE_URL must begin with file:, libsql:, ws:, wss:, http: or https:.",
        ),
        z.regex(
          /^[a-z]+:(?!\/*$|:memory:)./,
          "DATABASE_URL needs a path or an address after its first part.",
        ),
      ),
    "file:./data/yellow-stair.db",
  ),
  DATABASE_AUTH_TOKEN: z.optional(z.string()),
  YELLOW_STAIR_DEMO: z._default(z.enum(["0", "1"]), "0"),
});

/** The settings that the environment gives. Throws with a plain message when one of them cannot be used. */
export function readSettings(environment: NodeJS.ProcessEnv) {
  const given = Object.fromEntries(Object.entries(environment).filter(([, value]) => value !== ""));
  const read = Settings.safeParse(given);
  if (read.success) return read.data;
  throw new StartFault(read.error.issues.map(({ message }) => message).join(" "));
}
