import { batchTool } from './batch';
import { calibrationTool } from './calibration';
import { cheapestTwoPriceTool } from './cheapest-two-price';
import { compensationTool } from './compensation';
import { doseTool } from './dose';
import { gasTool } from './gas';
import { programsTool } from './programs';
import { pulseCeilingTool } from './pulse-ceiling';
import { pulseRatioTool } from './pulse-ratio';
import { pulseRecognitionTool } from './pulse-recognition';
import { signalTool } from './signal';
import { slowSuctionTool } from './slow-suction';
import { solarTool } from './solar';
import { speedPowerTool } from './speed-power';
import { suctionHeadTool } from './suction-head';
import { tankDaysTool } from './tank-days';
import { unitsTool } from './units';
import type { z } from 'zod';
import type { Tool } from './tool';

export * from './tool';
export { workTool, type Worked } from './work';
export { runTool } from './run';
export { doseTool, signalTool };

/** Every tool by its id, in the order of work. */
export const TOOLS = {
  signal: signalTool,
  dose: doseTool,
  calibration: calibrationTool,
  'pulse-ratio': pulseRatioTool,
  'pulse-ceiling': pulseCeilingTool,
  'pulse-recognition': pulseRecognitionTool,
  batch: batchTool,
  gas: gasTool,
  'suction-head': suctionHeadTool,
  'slow-suction': slowSuctionTool,
  compensation: compensationTool,
  'tank-days': tankDaysTool,
  'speed-power': speedPowerTool,
  programs: programsTool,
  'cheapest-two-price': cheapestTwoPriceTool,
  solar: solarTool,
  units: unitsTool,
} as const;
export type ToolId = keyof typeof TOOLS;

/** A tool whose input and output are known to fit each other, though not which they are. */
export type AnyTool = Tool<z.ZodType, unknown>;

/** The tool of an id, or undefined. */
export function toolById(id: string): AnyTool | undefined {
  return Object.hasOwn(TOOLS, id) ? (TOOLS[id as ToolId] as unknown as AnyTool) : undefined;
}
