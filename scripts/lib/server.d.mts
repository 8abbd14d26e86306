import type { ChildProcess } from "node:child_process";

export function isFree(port: number, host: string): Promise<boolean>;
export function freePort(): Promise<number>;
export function startServer(options: {
  port: number;
  host?: string;
  database: string;
  demo?: boolean;
}): Promise<{
  address: string;
  child: ChildProcess;
  ended: Promise<number | null>;
  stop: () => Promise<number | null>;
}>;
