import { z } from 'zod';
import { ceilingPicture } from '../../dosing';
import { fig, figureWithUnit, presentReader } from '../../units';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const pulseCeilingInput = z.object({
  water_max_m3h: positive('The maximum water flow'),
  litres_per_pulse: positive('The water for each pulse'),
  strokes_per_pulse: positive('Strokes for each pulse'),
  ceiling_spm: positive('The ceiling rate'),
});

export interface PulseCeilingOutput {
  pulses_per_min: number;
  strokes_needed_per_min: number;
  lost_share: number;
  onset_flow_m3h: number;
}

export const pulseCeilingTool: Tool<typeof pulseCeilingInput, PulseCeilingOutput> = {
  id: 'pulse-ceiling',
  group: 'signals',
  name: 'Pulse ceiling',
  about:
    'What a ceiling rate does to the dose at high flow: the share above it is lost, or late with a pulse memory.',
  input: pulseCeilingInput,
  fields: [
    figure('water_max_m3h', 'Maximum water flow', 'waterFlow', '62'),
    figure('litres_per_pulse', 'Water for each pulse', 'volume', '2.5'),
    figure('strokes_per_pulse', 'Strokes for each pulse', 'plain', '1', { hint: 'Dividing by 4 is 0.25.' }),
    figure('ceiling_spm', 'Ceiling rate', 'strokeRate', '150'),
  ],
  run: (input) => {
    const picture = ceilingPicture(
      input.water_max_m3h,
      input.litres_per_pulse,
      input.strokes_per_pulse,
      input.ceiling_spm,
    );
    return {
      pulses_per_min: picture.pulses_ppm,
      strokes_needed_per_min: picture.needed_spm,
      lost_share: picture.lostShare,
      onset_flow_m3h: picture.onset_m3h,
    };
  },
  answer: ({ pulses_per_min, strokes_needed_per_min, lost_share, onset_flow_m3h }) => ({
    main: line('Lost or late at the maximum flow', lost_share * 100, '% of the dose', 1),
    lines: [
      line('Pulses', pulses_per_min, 'pulses/min', 1),
      line('Strokes needed', strokes_needed_per_min, 'strokes/min', 1),
      line('The ceiling is reached at', onset_flow_m3h, 'm³/h', 2),
    ],
    verdict:
      lost_share === 0
        ? { good: true, words: 'The ceiling is clear at the maximum flow.' }
        : {
            good: false,
            words: `Above ${figureWithUnit(fig('waterFlow', onset_flow_m3h), presentReader())} the dose falls short. Divide the pulses or raise the ceiling.`,
          },
  }),
};
