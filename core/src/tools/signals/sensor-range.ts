import { z } from 'zod';
import { trueValue } from '../../signal';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const sensorRangeInput = z.object({
  set: positive('The set value'),
  range_set: positive('The range that is set'),
  range_label: positive('The range on the label'),
});

export const sensorRangeTool: Tool<typeof sensorRangeInput, { true: number; share: number }> = {
  id: 'sensor-range',
  group: 'signals',
  name: 'Wrong sensor range',
  about: 'What is really held while the range that is set differs from the one on the sensor.',
  input: sensorRangeInput,
  fields: [
    figure('set', 'Set value', 'pressure', '4'),
    figure('range_set', 'Range in the controller, from zero', 'pressure', '10'),
    figure('range_label', 'Range on the sensor', 'pressure', '6'),
  ],
  run: ({ set, range_set, range_label }) => {
    const held = trueValue(set, range_set, range_label);
    return { true: held, share: held / set };
  },
  answer: ({ true: held, share }) => ({
    main: line('Really held', held, 'bar'),
    lines: [line('Of what is set', share * 100, '%', 0)],
    verdict:
      share === 1
        ? { good: true, words: 'The ranges agree.' }
        : { good: false, words: 'At rest both read zero: the slip shows under pressure alone.' },
  }),
};
