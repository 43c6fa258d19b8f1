import { doseTool } from './dose';
import { signalTool } from './signal';

export * from './tool';
export * from './dose';
export * from './signal';

/** Every tool by its id. */
export const TOOLS = { signal: signalTool, dose: doseTool } as const;
export type ToolId = keyof typeof TOOLS;
