import { batchTool } from './dosing/batch';
import { calibrationTool } from './dosing/calibration';
import { cheapestTwoPriceTool } from './time-and-money/cheapest-two-price';
import { compensationTool } from './dosing/compensation';
import { doseTool } from './dosing/dose';
import { gasTool } from './suction/gas';
import { programsTool } from './time-and-money/programs';
import { pulseCeilingTool } from './signals/pulse-ceiling';
import { pulseRatioTool } from './signals/pulse-ratio';
import { pulseRecognitionTool } from './signals/pulse-recognition';
import { signalTool } from './signals/signal';
import { slowSuctionTool } from './suction/slow-suction';
import { solarTool } from './heat-and-head/solar';
import { speedPowerTool } from './heat-and-head/speed-power';
import { suctionHeadTool } from './suction/suction-head';
import { tankDaysTool } from './dosing/tank-days';
import { heatFlowTool } from './heat-and-head/heat-flow';
import { warmUpTool } from './heat-and-head/warm-up';
import { coolDownTool } from './heat-and-head/cool-down';
import { coolerTool } from './heat-and-head/cooler';
import { motorCeilingTool } from './heat-and-head/motor-ceiling';
import { spaLoadTool } from './heat-and-head/spa-load';
import { modeLineTool } from './heat-and-head/mode-line';
import { twoPumpsTool } from './heat-and-head/two-pumps';
import { seasonTool } from './heat-and-head/season';
import { controlVoltageTool } from './signals/control-voltage';
import { sensorRangeTool } from './signals/sensor-range';
import { stopFrequencyTool } from './pressure-sets/stop-frequency';
import { vesselStartsTool } from './pressure-sets/vessel-starts';
import { turnoverTool } from './time-and-money/turnover';
import { tariffTool } from './time-and-money/tariff';
import { faultAgeTool } from './time-and-money/fault-age';
import { unitsTool } from './units';
import { TOOL_GROUPS, type AnyTool, type ToolGroup } from './tool';

export * from './tool';
export { workTool, type Worked } from './work';
export { runTool } from './run';
export { doseTool, signalTool };

/** Every tool by its id; in each group in the order of work. */
export const TOOLS = {
  signal: signalTool,
  'pulse-ratio': pulseRatioTool,
  'pulse-ceiling': pulseCeilingTool,
  'pulse-recognition': pulseRecognitionTool,
  'control-voltage': controlVoltageTool,
  'sensor-range': sensorRangeTool,
  dose: doseTool,
  calibration: calibrationTool,
  batch: batchTool,
  compensation: compensationTool,
  'tank-days': tankDaysTool,
  'suction-head': suctionHeadTool,
  'slow-suction': slowSuctionTool,
  gas: gasTool,
  'heat-flow': heatFlowTool,
  'mode-line': modeLineTool,
  'two-pumps': twoPumpsTool,
  season: seasonTool,
  'warm-up': warmUpTool,
  'cool-down': coolDownTool,
  'spa-load': spaLoadTool,
  cooler: coolerTool,
  'motor-ceiling': motorCeilingTool,
  'speed-power': speedPowerTool,
  solar: solarTool,
  'stop-frequency': stopFrequencyTool,
  'vessel-starts': vesselStartsTool,
  programs: programsTool,
  'cheapest-two-price': cheapestTwoPriceTool,
  turnover: turnoverTool,
  tariff: tariffTool,
  'fault-age': faultAgeTool,
  units: unitsTool,
} as const;
export type ToolId = keyof typeof TOOLS;

/** The tool of an id, or undefined. */
export function toolById(id: string): AnyTool | undefined {
  return Object.hasOwn(TOOLS, id) ? (TOOLS[id as ToolId] as unknown as AnyTool) : undefined;
}

/** The tools by what one wants to know, those that a search names; all of them where nothing is searched. */
export function toolsByGroup(
  search = '',
): { readonly group: ToolGroup; readonly tools: readonly AnyTool[] }[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const all = Object.values(TOOLS) as unknown as readonly AnyTool[];
  const found = all.filter((tool) => {
    const said = `${tool.name} ${tool.about} ${TOOL_GROUPS[tool.group]}`.toLowerCase();
    return words.every((word) => said.includes(word));
  });
  return (Object.keys(TOOL_GROUPS) as ToolGroup[]).flatMap((group) => {
    const tools = found.filter((tool) => tool.group === group);
    return tools.length === 0 ? [] : [{ group, tools }];
  });
}
