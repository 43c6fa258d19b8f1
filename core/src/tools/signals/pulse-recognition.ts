import { z } from 'zod';
import { recognition } from '../../dosing';
import { figure, figures, line, positive } from '../fields';
import type { Tool } from '../tool';

export const pulseRecognitionInput = z.object({
  options_ms: z
    .array(positive('A recognition time'))
    .min(1, 'Enter at least one recognition time.')
    .max(100, 'At most 100 figures.'),
  pulses_per_min: positive('The pulse rate'),
  closed_share: positive('The closed share').max(1, 'The closed share cannot be more than 1.'),
});

export interface PulseRecognitionOutput {
  period_ms: number;
  limit_ms: number;
  choice_ms: number | null;
}

export const pulseRecognitionTool: Tool<typeof pulseRecognitionInput, PulseRecognitionOutput> = {
  id: 'pulse-recognition',
  group: 'signals',
  name: 'Recognition time',
  about:
    'The longest contact time an input may ask for: half of the shorter of closed and open time at the maximum rate.',
  input: pulseRecognitionInput,
  fields: [
    figures('options_ms', 'Times this input offers', 'milliseconds', '4 15 40'),
    figure('pulses_per_min', 'Maximum pulse rate', 'pulseRate', '240'),
    figure('closed_share', 'Share of the time closed', 'plain', '0.5', { hint: '0.5 when not known.' }),
  ],
  run: ({ options_ms, pulses_per_min, closed_share }) =>
    recognition(options_ms, pulses_per_min, closed_share),
  answer: ({ period_ms, limit_ms, choice_ms }) => ({
    main: choice_ms === null ? { label: 'Set', value: '–', unit: 'ms' } : line('Set', choice_ms, 'ms', 1),
    lines: [
      line('Time from pulse to pulse', period_ms, 'ms', 1),
      line('Longest safe time', limit_ms, 'ms', 2),
    ],
    verdict:
      choice_ms === null
        ? { good: false, words: 'Even the shortest time is too long: the meter is too fast for this input.' }
        : { good: true, words: 'The longest that still sees every pulse rejects bounce best.' },
  }),
};
