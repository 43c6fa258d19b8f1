import { z } from 'zod';
import { valueAt } from '../signal';
import type { Tool } from './tool';

const number = (what: string) => z.number({ error: `${what} must be a number.` });

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
  name: 'Two-point signal',
  about: 'What a pump with two set points does at a current: y = y1 + (x − x1)(y2 − y1)/(x2 − x1).',
  input: signalInput,
  run: ({ x_mA, x1, y1, x2, y2, below }) => ({
    value: valueAt({ x1_mA: x1, y1, x2_mA: x2, y2, below }, x_mA),
  }),
};
