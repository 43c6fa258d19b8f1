import { z } from 'zod';
import { closedFrequency_hz, stopFlow_m3h } from '../../hydraulics';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const stopFrequencyInput = z
  .object({
    rated_hz: positive('The rated frequency'),
    closed_m: positive('The head at no flow'),
    set_m: positive('The set head'),
    curve_a: positive('The fall of the curve'),
    stop_hz: positive('The stop frequency'),
  })
  .superRefine(({ rated_hz, stop_hz }, context) => {
    if (stop_hz > rated_hz)
      context.addIssue({
        code: 'custom',
        path: ['stop_hz'],
        message: 'The stop frequency lies above the rated frequency.',
      });
  });

export interface StopFrequencyOutput {
  closed_hz: number;
  /** flow under which it stops; null where it never does */
  stop_flow_m3h: number | null;
}

export const stopFrequencyTool: Tool<typeof stopFrequencyInput, StopFrequencyOutput> = {
  id: 'stop-frequency',
  group: 'pressure',
  name: 'Stop at zero demand',
  about: 'The frequency of a shut valve, and the flow under which a drive stops.',
  input: stopFrequencyInput,
  fields: [
    figure('rated_hz', 'Rated frequency', 'plain', '50', { unit: 'Hz' }),
    figure('closed_m', 'Head at no flow, rated', 'length', '60'),
    figure('set_m', 'Set pressure less inlet, as head', 'length', '35'),
    figure('curve_a', 'Curve: fall', 'plain', '0.4', { unit: 'm/(m³/h)²' }),
    figure('stop_hz', 'Stops below', 'plain', '39', { unit: 'Hz' }),
  ],
  run: ({ rated_hz, closed_m, set_m, curve_a, stop_hz }) => {
    const pump = { rated_hz, closed_m, rise: 0, fall: curve_a };
    return { closed_hz: closedFrequency_hz(pump, set_m), stop_flow_m3h: stopFlow_m3h(pump, set_m, stop_hz) };
  },
  answer: ({ closed_hz, stop_flow_m3h }) => ({
    main:
      stop_flow_m3h === null
        ? { label: 'Stops under a flow of', value: 'never at 0', unit: '' }
        : line('Stops under a flow of', stop_flow_m3h, 'm³/h'),
    lines: [line('Shut off it turns at', closed_hz, 'Hz', 1)],
    verdict:
      stop_flow_m3h === null
        ? { good: false, words: 'The pump never stops: shut off, it still turns faster.' }
        : { good: true, words: 'Hold it above any leak, and below the minimum real draw.' },
  }),
};
