import { z } from 'zod';
import { InputError } from '../../input';
import { figure, line, notNegative } from '../fields';
import type { Tool } from '../tool';

export const faultAgeInput = z.object({
  counter_h: notNegative('The counter'),
  stamp_h: notNegative('The stamp'),
  daily_h: z
    .number({ error: 'The hours a day must be a number.' })
    .positive('The hours a day must be more than 0.')
    .max(24, 'A day has 24 hours.'),
});

export interface FaultAgeOutput {
  /** running hours since it happened */
  running_h: number;
  /** how long ago that is at so many running hours a day */
  days: number;
}

export const faultAgeTool: Tool<typeof faultAgeInput, FaultAgeOutput> = {
  id: 'fault-age',
  group: 'money',
  name: 'When a fault was',
  about: 'A fault that is stamped with running hours: how long ago it was.',
  input: faultAgeInput,
  fields: [
    figure('counter_h', 'The counter shows now', 'hours', '3380', { unit: 'h' }),
    figure('stamp_h', 'The fault is stamped', 'hours', '3362', { unit: 'h' }),
    figure('daily_h', 'It counts in a day', 'hours', '24', {
      unit: 'h',
      hint: '24 where it counts while switched on',
    }),
  ],
  run: ({ counter_h, stamp_h, daily_h }) => {
    if (stamp_h > counter_h)
      throw new InputError('stamp_h', 'A fault cannot be stamped later than the counter shows now.');
    return { running_h: counter_h - stamp_h, days: (counter_h - stamp_h) / daily_h };
  },
  answer: ({ running_h, days }) => ({
    main: days < 2 ? line('Ago', days * 24, 'h', 0) : line('Ago', days, 'd', 1),
    lines: [line('Counted since', running_h, 'h', 0)],
    verdict: { good: true, words: 'Write it down with its real time before the list is cleared.' },
  }),
};
