import { z } from 'zod';
import { motorCeiling_rpm } from '../../hydraulics';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const motorCeilingInput = z.object({
  plate_rpm: positive('The speed on the plate'),
  plate_kw: positive('The power on the plate'),
  load_kw: positive('The load'),
});

const WATTS = 1000;

export const motorCeilingTool: Tool<typeof motorCeilingInput, { greatest_rpm: number }> = {
  id: 'motor-ceiling',
  group: 'heads',
  name: 'Fastest that a motor may turn',
  about: 'From its plate and from what it takes at the plate’s speed.',
  input: motorCeilingInput,
  fields: [
    figure('plate_rpm', 'Speed on the plate', 'speed', '2860'),
    figure('plate_kw', 'Power on the plate', 'heat', '1.1'),
    figure('load_kw', 'Power at that speed', 'heat', '0.82'),
  ],
  run: ({ plate_rpm, plate_kw, load_kw }) => ({
    greatest_rpm: motorCeiling_rpm(plate_rpm, plate_kw * WATTS, load_kw * WATTS),
  }),
  answer: ({ greatest_rpm }) => ({ main: line('At most', greatest_rpm, 'rev/min', 0), lines: [] }),
};
