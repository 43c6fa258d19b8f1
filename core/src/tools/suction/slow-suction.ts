import { z } from 'zod';
import { slowestSuction } from '../../dosing';
import { figure, figures, line, positive } from '../fields';
import type { Tool } from '../tool';

export const slowSuctionInput = z.object({
  rated_lph: positive('The rated flow'),
  need_lph: positive('The needed flow'),
  shares: z
    .array(positive('A share').max(1, 'A share is at most 1.'))
    .min(1, 'Enter at least one share.')
    .max(100, 'At most 100 figures.'),
});

export interface SlowSuctionOutput {
  choice: number | null;
}

export const slowSuctionTool: Tool<typeof slowSuctionInput, SlowSuctionOutput> = {
  id: 'slow-suction',
  group: 'suction',
  name: 'Slow suction',
  about: 'The slowest suction step that still gives the needed flow with 10 % to spare.',
  input: slowSuctionInput,
  fields: [
    figure('rated_lph', 'Flow without slow suction', 'pumpFlow', '9'),
    figure('need_lph', 'Maximum flow needed', 'pumpFlow', '2.8'),
    figures('shares', 'Share each step leaves', 'plain', '1 0.6 0.35', 'From the manual, e.g. 1 0.6 0.35.'),
  ],
  run: ({ rated_lph, need_lph, shares }) => ({ choice: slowestSuction(rated_lph, need_lph, shares) }),
  answer: ({ choice }) => ({
    main:
      choice === null
        ? { label: 'Set', value: '–', unit: '' }
        : line('Set the step that leaves', choice * 100, '% of the flow', 0),
    lines: [],
    verdict:
      choice === null
        ? {
            good: false,
            words: 'No step is right: a bigger pump, a flooded suction or a degassing head.',
          }
        : { good: true, words: 'The slowest pull that still gives the flow keeps gas in the liquid best.' },
  }),
};
