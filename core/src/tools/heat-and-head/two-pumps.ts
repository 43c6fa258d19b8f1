import { z } from 'zod';
import { flowOfPumps_m3h } from '../../hydraulics';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const twoPumpsInput = z.object({
  closed_m: positive('The head at no flow'),
  curve_a: positive('The fall of the curve'),
  pipes_m: positive('The loss of the pipes'),
  pipes_m3h: positive('The flow of that loss'),
});

export interface TwoPumpsOutput {
  one_m3h: number;
  two_m3h: number;
  /** what the second adds, as a share of what one moves */
  gain: number;
}

/** Less than this is hardly worth a second pump at full speed. */
const WORTH_IT = 0.25;

export const twoPumpsTool: Tool<typeof twoPumpsInput, TwoPumpsOutput> = {
  id: 'two-pumps',
  group: 'heads',
  name: 'Two pumps side by side',
  about: 'What the second of two alike pumps, or of a twin, really adds on the same pipes.',
  input: twoPumpsInput,
  fields: [
    figure('closed_m', 'Curve: head at no flow', 'length', '6.5'),
    figure('curve_a', 'Curve: fall', 'plain', '0.3', { unit: 'm/(m³/h)²' }),
    figure('pipes_m', 'The pipes lose', 'length', '4.5'),
    figure('pipes_m3h', 'At a flow of', 'waterFlow', '3'),
  ],
  run: ({ closed_m, curve_a, pipes_m, pipes_m3h }) => {
    const curve = { closed_m, rise: 0, fall: curve_a };
    const loss = pipes_m / (pipes_m3h * pipes_m3h);
    const [one_m3h, two_m3h] = [flowOfPumps_m3h(curve, loss, 1), flowOfPumps_m3h(curve, loss, 2)];
    return { one_m3h, two_m3h, gain: two_m3h / one_m3h - 1 };
  },
  answer: ({ one_m3h, two_m3h, gain }) => ({
    main: line('The second adds', gain * 100, '%', 0),
    lines: [line('One alone', one_m3h, 'm³/h'), line('Both', two_m3h, 'm³/h')],
    verdict:
      gain < WORTH_IT
        ? { good: false, words: 'The pipes take most of it: the second is a reserve, not more flow.' }
        : { good: true, words: 'Both together move noticeably more, though never twice as much.' },
  }),
};
