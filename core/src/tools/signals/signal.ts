import { z } from 'zod';
import { valueAt } from '../../signal';
import { choice, figure, line, number } from '../fields';
import type { Tool } from '../tool';

export const signalInput = z.object({
  x_mA: number('The current'),
  x1: number('The first current'),
  y1: number('The first rate').min(0, 'A rate cannot be negative.'),
  x2: number('The second current'),
  y2: number('The second rate').min(0, 'A rate cannot be negative.'),
  below: z.enum(['hold', 'stop'], { error: 'Choose hold or stop.' }),
});

export const signalTool: Tool<typeof signalInput, { value: number }> = {
  id: 'signal',
  group: 'signals',
  name: 'Two-point signal',
  about: 'What a pump with two set points does at a current: y = y1 + (x − x1)(y2 − y1)/(x2 − x1).',
  input: signalInput,
  fields: [
    figure('x_mA', 'Current', 'current', '12'),
    figure('x1', 'Point 1', 'current', '4'),
    figure('y1', 'Rate 1', 'strokeRate', '0'),
    figure('x2', 'Point 2', 'current', '20'),
    figure('y2', 'Rate 2', 'strokeRate', '100'),
    choice('below', 'Below point 1', 'stop', () => [
      { value: 'stop', label: 'Stop' },
      { value: 'hold', label: 'Hold' },
    ]),
  ],
  run: ({ x_mA, x1, y1, x2, y2, below }) => ({
    value: valueAt({ x1_mA: x1, y1, x2_mA: x2, y2, below }, x_mA),
  }),
  answer: ({ value }) => ({ main: line('The pump makes', value, 'strokes/min', 1), lines: [] }),
};
