import { fig, figureWithUnit, presentReader } from '../../units';
import { z } from 'zod';
import { compensation } from '../../dosing';
import { figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';

export const compensationInput = z.object({
  stroke_ml: positive('The stroke volume'),
  loss_per_bar: notNegative('The loss for each bar'),
  pressure_bar: notNegative('The pressure'),
  flow_lph: positive('The flow'),
  max_spm: positive('The maximum rate'),
  rated_bar: positive('The rated pressure'),
});

export interface CompensationOutput {
  ml_per_stroke: number;
  strokes_per_min: number;
  limit_bar: number | null;
  uncompensated_share: number;
}

export const compensationTool: Tool<typeof compensationInput, CompensationOutput> = {
  id: 'compensation',
  group: 'dosing',
  name: 'Pressure compensation',
  about: 'The rate that keeps the flow at a back pressure, and the pressure at which it runs out.',
  input: compensationInput,
  fields: [
    figure('stroke_ml', 'Stroke volume at no pressure', 'strokeVolume', '0.5'),
    figure('loss_per_bar', 'Lost for each bar', 'plain', '0.02', {
      unit: 'share',
      hint: '0.02 is 2 % a bar.',
    }),
    figure('pressure_bar', 'Back pressure', 'pressure', '4'),
    figure('flow_lph', 'Wanted flow', 'pumpFlow', '4.1'),
    figure('max_spm', 'Maximum rate', 'strokeRate', '160'),
    figure('rated_bar', 'Rated pressure', 'pressure', '10'),
  ],
  run: (input) => {
    const picture = compensation({
      stroke_mL: input.stroke_ml,
      lossPer_bar: input.loss_per_bar,
      pressure_bar: input.pressure_bar,
      flow_lph: input.flow_lph,
      greatest_spm: input.max_spm,
      rated_bar: input.rated_bar,
    });
    return {
      ml_per_stroke: picture.stroke_mL,
      strokes_per_min: picture.rate_spm,
      limit_bar: picture.limit_bar,
      uncompensated_share: picture.uncompensatedShare,
    };
  },
  answer: ({ ml_per_stroke, strokes_per_min, limit_bar, uncompensated_share }) => ({
    main: line('Compensated rate', strokes_per_min, 'strokes/min', 1),
    lines: [
      line('One stroke gives', ml_per_stroke, 'mL', 4),
      line('Left without compensation', uncompensated_share * 100, '% of the flow', 1),
    ],
    verdict:
      limit_bar === null
        ? { good: true, words: 'Compensation holds up to the rated pressure.' }
        : {
            good: false,
            words: `Compensation runs out at ${figureWithUnit(fig('pressure', limit_bar), presentReader())}, within the rated pressure.`,
          },
  }),
};
