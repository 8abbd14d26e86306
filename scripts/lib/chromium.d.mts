export const CHROMIUM_ARGS: string[];
export function findForTests(): string | undefined;
export function installChromium(): string;
export function installForTests(): string;
