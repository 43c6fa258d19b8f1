import { fig, figureWithUnit, presentReader } from '../../units';
import { z } from 'zod';
import { SOLAR_GAP_LEAST_K, solarRunning } from '../../heat';
import { figure, line, number, positive, rows } from '../fields';
import type { Tool } from '../tool';

export const solarInput = z.object({
  start_k: positive('The start difference'),
  stop_k: number('The stop difference'),
  /** [roof, water] in °C, reading by reading */
  trace: z
    .array(z.tuple([number('The roof'), number('The water')]))
    .min(1, 'Enter at least one reading.')
    .max(5000, 'At most 5000 readings.'),
});

export interface SolarOutput {
  running: boolean[];
  starts: number;
  /** start less stop, K */
  gap_k: number;
}

export const solarTool: Tool<typeof solarInput, SolarOutput> = {
  id: 'solar',
  group: 'heads',
  name: 'Solar differences',
  about:
    'When solar heating runs over a row of readings of roof and water, by its start and stop difference.',
  input: solarInput,
  fields: [
    figure('start_k', 'Starts at a difference of', 'plain', '4', { unit: 'K' }),
    figure('stop_k', 'Stops below', 'plain', '1.5', { unit: 'K' }),
    rows(
      'trace',
      'Readings',
      2,
      '24 25\n28 25\n29.2 25\n27 25.2\n26.6 25.2\n29.1 25.3\n29.4 25.3',
      'A line each, evenly spaced: roof, then water, in °C.',
    ),
  ],
  run: ({ start_k, stop_k, trace }) => {
    const running = solarRunning({ start_K: start_k, stop_K: stop_k }, trace);
    const starts = running.filter((on, i) => on && !running[i - 1]).length;
    return { running, starts, gap_k: start_k - stop_k };
  },
  answer: ({ running, starts, gap_k }) => ({
    main: line('Runs in', running.filter(Boolean).length, `of ${running.length} readings`, 0),
    lines: [
      line('Starts', starts, '', 0),
      { label: 'Reading by reading', value: running.map((on) => (on ? '●' : '○')).join(' '), unit: '' },
    ],
    verdict:
      gap_k < SOLAR_GAP_LEAST_K
        ? {
            good: false,
            words: `Stop is nearer than ${figureWithUnit(fig('difference', SOLAR_GAP_LEAST_K), presentReader())} to start: it will cycle.`,
          }
        : { good: true, words: 'Start and stop are well apart.' },
  }),
};
