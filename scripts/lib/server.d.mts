import type { ChildProcess } from "node:child_process";

/** Why a port of a host cannot be listened at; null where it can. */
export function whyNotFree(port: number, host: string): Promise<string | null>;
export function freePort(): Promise<number>;
export function startServer(options: {
  port: number;
  host?: string;
  database: string;
  demo?: boolean;
  tells?: boolean;
}): Promise<{
  address: string;
  child: ChildProcess;
  ended: Promise<number | null>;
  stop: () => Promise<number | null>;
}>;
