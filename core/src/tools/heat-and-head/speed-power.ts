import { z } from 'zod';
import { fitPower, powerAt_W } from '../../hydraulics';
import { figure, line, positive, rows } from '../fields';
import type { Tool } from '../tool';

export const speedPowerInput = z.object({
  /** [rev/min, W] */
  points: z
    .array(z.tuple([positive('Each speed'), positive('Each power')]))
    .min(1, 'Enter at least one point.')
    .max(50, 'At most 50 points.'),
  speed: positive('The speed'),
});

export interface SpeedPowerOutput {
  exponent: number;
  power_w: number;
  /** energy for the same volume against the fastest point measured, 0 to 1 and above */
  energy_share: number;
}

export const speedPowerTool: Tool<typeof speedPowerInput, SpeedPowerOutput> = {
  id: 'speed-power',
  group: 'heads',
  name: 'Speed and power',
  about: 'Measured points of speed and power: how power grows with speed, and the power at another speed.',
  input: speedPowerInput,
  fields: [
    rows('points', 'Measured points', 2, '1200 112\n3000 1490', 'A line each: rev/min, then W.'),
    figure('speed', 'At the speed', 'plain', '2000', { unit: 'rev/min' }),
  ],
  run: ({ points, speed }) => {
    const law = fitPower(points);
    const fastest = Math.max(...points.map(([rpm]) => rpm));
    return {
      exponent: law.exponent,
      power_w: powerAt_W(law, speed),
      energy_share: (speed / fastest) ** (law.exponent - 1),
    };
  },
  answer: ({ exponent, power_w, energy_share }) => ({
    main: line('Power at that speed', power_w, 'W', 0),
    lines: [
      line('Power grows with speed to the power of', exponent, '', 2),
      line('Energy for the same volume, against the fastest point', energy_share * 100, '%', 0),
    ],
    verdict:
      exponent >= 2.5 && exponent <= 3.05
        ? { good: true, words: 'As friction lets expect.' }
        : {
            good: false,
            words: 'Outside 2.5 to 3: check the readings, or there is a static lift in the system.',
          },
  }),
};
