import { cover } from "./cover";
import { jump } from "./jump";
import { lift } from "./lift";
import { mark } from "./mark";
import { pen } from "./pen";
import type { HandTool } from "./tool";
import { write } from "./write";

/** The tools of the hand, in the order in which they lie on the rail. */
export const TOOLS = { mark, cover, lift, write, pen, jump } as const satisfies Record<string, HandTool>;

export type ToolName = keyof typeof TOOLS;
export const TOOL_NAMES = Object.keys(TOOLS) as ToolName[];
export const toolOf = (name: ToolName): HandTool => TOOLS[name];
