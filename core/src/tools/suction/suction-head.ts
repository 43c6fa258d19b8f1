import { fig, figureWithUnit, presentReader } from '../../units';
import { z } from 'zod';
import { NPSH_MARGIN_m, NPSH_NEEDED_UNKNOWN_m, suctionHead } from '../../dosing';
import { figure, line, notNegative, number, positive } from '../fields';
import type { Tool } from '../tool';

const metres = (value: number) => figureWithUnit(fig('length', value), presentReader());

export const suctionHeadInput = z.object({
  tank_bar: positive('The pressure on the tank'),
  vapour_bar: notNegative('The vapour pressure'),
  density_kgm3: positive('The density'),
  level_m: number('The level'),
  friction_m: notNegative('The friction loss'),
  pipe_m: notNegative('The length of the suction pipe'),
  velocity_ms: notNegative('The velocity'),
  strokes_per_min: notNegative('The stroke rate'),
  slow_share: positive('The share of slow suction').max(1, 'The share of slow suction is at most 1.'),
});

export interface SuctionHeadOutput {
  h_acc_m: number;
  npsha_m: number;
}

export const suctionHeadTool: Tool<typeof suctionHeadInput, SuctionHeadOutput> = {
  id: 'suction-head',
  group: 'suction',
  name: 'Suction head',
  about:
    'Head available at the suction valve, less what it takes to set the liquid in the pipe moving at every stroke.',
  input: suctionHeadInput,
  fields: [
    figure('tank_bar', 'On the tank, absolute', 'pressure', '1.013'),
    figure('vapour_bar', 'Vapour pressure', 'pressure', '0.08'),
    figure('density_kgm3', 'Density', 'plain', '1200', { unit: 'kg/m³' }),
    figure('level_m', 'Liquid above the pump', 'length', '-1.2', { hint: 'Minus for suction lift.' }),
    figure('friction_m', 'Friction loss', 'length', '0.1'),
    figure('pipe_m', 'Suction pipe', 'length', '3'),
    figure('velocity_ms', 'Mean velocity in it', 'velocity', '0.25'),
    figure('strokes_per_min', 'Stroke rate', 'strokeRate', '140'),
    figure('slow_share', 'Slow suction, share', 'plain', '1', { hint: '1 without slow suction.' }),
  ],
  run: (input) => {
    const { acceleration_m, available_m } = suctionHead({
      tank_bar: input.tank_bar,
      vapour_bar: input.vapour_bar,
      density_kgm3: input.density_kgm3,
      level_m: input.level_m,
      friction_m: input.friction_m,
      pipe_m: input.pipe_m,
      velocity_ms: input.velocity_ms,
      rate_spm: input.strokes_per_min,
      slowShare: input.slow_share,
    });
    return { h_acc_m: acceleration_m, npsha_m: available_m };
  },
  answer: ({ h_acc_m, npsha_m }) => {
    const wanted = NPSH_NEEDED_UNKNOWN_m + NPSH_MARGIN_m;
    return {
      main: line('Available at the suction valve', npsha_m, 'm', 2),
      lines: [line('Taken by acceleration', h_acc_m, 'm', 2)],
      verdict:
        npsha_m >= wanted
          ? {
              good: true,
              words: `Enough for a pump that needs up to ${metres(npsha_m - NPSH_MARGIN_m)}, with ${metres(NPSH_MARGIN_m)} to spare.`,
            }
          : {
              good: false,
              words: `Less than ${metres(wanted)}: ${metres(NPSH_NEEDED_UNKNOWN_m)} where the manual’s figure is not known, and ${metres(NPSH_MARGIN_m)} to spare. Slow suction, a wider or shorter line, or flooded suction.`,
            },
    };
  },
};
