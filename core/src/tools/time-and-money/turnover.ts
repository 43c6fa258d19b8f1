import { z } from 'zod';
import { SHAPES, volume_m3 } from '../../hydraulics';
import { choice, figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';

export const turnoverInput = z.object({
  shape: z.enum(SHAPES),
  length_m: positive('The length'),
  width_m: notNegative('The width'),
  depth_m: positive('The mean depth'),
  turnovers: positive('The turnovers a day'),
  flow_m3h: positive('The flow'),
});

export interface TurnoverOutput {
  volume_m3: number;
  needed_m3: number;
  /** to turn it over as often as is asked, h a day */
  hours: number;
}

export const turnoverTool: Tool<typeof turnoverInput, TurnoverOutput> = {
  id: 'turnover',
  group: 'money',
  name: 'Turnover of a pool',
  about: 'How much water there is, how much of it moves in a day, and the hours that takes.',
  input: turnoverInput,
  fields: [
    choice('shape', 'Shape', 'rectangle', () => [
      { value: 'rectangle', label: 'Rectangle' },
      { value: 'oval', label: 'Oval' },
      { value: 'round', label: 'Round' },
      { value: 'kidney', label: 'Kidney' },
    ]),
    figure('length_m', 'Length, or across', 'length', '8'),
    figure('width_m', 'Width', 'length', '4', { hint: 'Of a kidney both widths added; of a round one 0' }),
    figure('depth_m', 'Mean depth', 'length', '1.4'),
    figure('turnovers', 'Turnovers a day', 'plain', '2', { hint: 'By local code or operator' }),
    figure('flow_m3h', 'At a flow of', 'waterFlow', '8'),
  ],
  run: ({ shape, length_m, width_m, depth_m, turnovers, flow_m3h }) => {
    const water = volume_m3([{ shape, length_m, width_m }], depth_m);
    return { volume_m3: water, needed_m3: water * turnovers, hours: (water * turnovers) / flow_m3h };
  },
  answer: ({ volume_m3: water, needed_m3, hours }) => ({
    main: line('Runs a day', hours, 'h', 1),
    lines: [line('Water', water, 'm³', 1), line('To move in a day', needed_m3, 'm³', 1)],
    verdict:
      hours > 24
        ? { good: false, words: 'A day is too short: it takes more flow.' }
        : { good: true, words: 'It fits into a day.' },
  }),
};
