import { z } from 'zod';
import { speedsOfTrace } from '../../control';
import { figure, figures, line, notNegative, number, positive } from '../fields';
import type { Tool } from '../tool';

export const controlVoltageInput = z
  .object({
    off_v: notNegative('The voltage at which it stops'),
    on_v: positive('The voltage at which it starts'),
    full_v: positive('The voltage of full speed'),
    least_rpm: positive('The minimum speed'),
    greatest_rpm: positive('The maximum speed'),
    trace_v: z
      .array(number('A voltage'))
      .min(1, 'Enter at least one voltage.')
      .max(5000, 'At most 5000 voltages.'),
  })
  .refine(({ least_rpm, greatest_rpm }) => least_rpm <= greatest_rpm, {
    path: ['least_rpm'],
    message: 'The minimum speed lies above the maximum.',
  });

export const controlVoltageTool: Tool<typeof controlVoltageInput, { speed_rpm: number[]; starts: number }> = {
  id: 'control-voltage',
  group: 'signals',
  name: 'Speed by voltage',
  about: 'What a pump does along a row of 0–10 V: two thresholds, and between them it keeps its state.',
  input: controlVoltageInput,
  fields: [
    figure('off_v', 'Stops below', 'plain', '1', { unit: 'V' }),
    figure('on_v', 'Starts at', 'plain', '1.5', { unit: 'V' }),
    figure('full_v', 'Full speed at', 'plain', '10', { unit: 'V' }),
    figure('least_rpm', 'Minimum speed', 'speed', '1000'),
    figure('greatest_rpm', 'Maximum speed', 'speed', '3000'),
    figures('trace_v', 'Voltages, one after the other, V', 'plain', '0 1.2 1.5 1.2 6 10 1.2 0.9 1.2'),
  ],
  run: ({ off_v, on_v, full_v, least_rpm, greatest_rpm, trace_v }) => {
    const input = { off_V: off_v, on_V: on_v, full_V: full_v };
    const speed_rpm = speedsOfTrace(input, least_rpm, greatest_rpm, trace_v);
    const starts = speed_rpm.filter((speed, i) => speed > 0 && !(speed_rpm[i - 1] > 0)).length;
    return { speed_rpm, starts };
  },
  answer: ({ speed_rpm, starts }) => ({
    main: line('At the last voltage', speed_rpm.at(-1) ?? 0, 'rev/min', 0),
    lines: [
      line('Starts', starts, '', 0),
      { label: 'One after the other', value: speed_rpm.map(Math.round).join(' '), unit: 'rev/min' },
    ],
    verdict: { good: true, words: 'At 0 V it stands, and a broken wire looks the same: nothing reports it.' },
  }),
};
