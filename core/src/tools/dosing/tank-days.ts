import { z } from 'zod';
import { tankDays } from '../../dosing';
import { figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';

export const tankDaysInput = z.object({
  volume_l: notNegative('The volume'),
  warn_l: notNegative('The warn level'),
  stop_l: notNegative('The stop level'),
  daily_l: positive('The daily use'),
});

export interface TankDaysOutput {
  warn_days: number;
  stop_days: number;
}

export const tankDaysTool: Tool<typeof tankDaysInput, TankDaysOutput> = {
  id: 'tank-days',
  group: 'dosing',
  name: 'Tank days',
  about: 'Days until a tank reaches its warn and its stop level.',
  input: tankDaysInput,
  fields: [
    figure('volume_l', 'In the tank now', 'volume', '60'),
    figure('daily_l', 'Used in a day', 'volume', '4.5'),
    figure('warn_l', 'Warn level', 'volume', '15'),
    figure('stop_l', 'Stop level', 'volume', '5'),
  ],
  run: ({ volume_l, warn_l, stop_l, daily_l }) => tankDays(volume_l, warn_l, stop_l, daily_l),
  answer: ({ warn_days, stop_days }) => ({
    main: line('Runs out in', stop_days, 'days', 1),
    lines: [line('Warns in', warn_days, 'days', 1)],
    ...(warn_days <= stop_days
      ? {}
      : {
          verdict: { good: false, words: 'The warn level stands below the stop level: it warns too late.' },
        }),
  }),
};
