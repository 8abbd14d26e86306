export const CHROMIUM_ARGS: string[];
export function findChromium(): string | undefined;
export function installChromium(): string;
