import { z } from 'zod';
import { calibrate, CALIBRATION_FAULT_WORDS, type CalibrationFault } from '../../dosing';
import { figure, figures, line, positive } from '../fields';
import type { Tool } from '../tool';

export const calibrationInput = z.object({
  volumes_ml: z
    .array(positive('A drawn volume'))
    .min(1, 'Enter at least one volume.')
    .max(100, 'At most 100 figures.'),
  strokes: positive('The number of strokes'),
  division_ml: positive('The division of the cylinder'),
  assumed_ml_per_stroke: positive('The assumed volume'),
});

export interface CalibrationOutput {
  ml_per_stroke: number;
  factor: number;
  spread_pct: number;
  reading_uncertainty_pct: number[];
  uncertainty_pct: number;
  accepted: boolean;
  faults: CalibrationFault[];
}

export const calibrationTool: Tool<typeof calibrationInput, CalibrationOutput> = {
  id: 'calibration',
  group: 'dosing',
  name: 'Drawdown',
  about:
    'Volume drawn over a number of strokes, three times: the volume of a stroke, whether to trust it, the new factor.',
  input: calibrationInput,
  fields: [
    figures(
      'volumes_ml',
      'Volumes drawn',
      'strokeVolume',
      '84 84.5 85',
      'Three runs or more, with spaces between them.',
    ),
    figure('strokes', 'Strokes in each run', 'strokes', '200'),
    figure('division_ml', 'Division of the cylinder', 'strokeVolume', '1'),
    figure('assumed_ml_per_stroke', 'Assumed until now', 'strokeVolume', '0.44', { unit: 'mL a stroke' }),
  ],
  run: (input) => {
    const result = calibrate({
      volumes_mL: input.volumes_ml,
      amount: input.strokes,
      division_mL: input.division_ml,
      assumed: input.assumed_ml_per_stroke,
    });
    return {
      ml_per_stroke: result.each_mL,
      factor: result.factor,
      spread_pct: result.spread * 100,
      reading_uncertainty_pct: result.reading.map((share) => share * 100),
      uncertainty_pct: result.uncertainty * 100,
      accepted: result.faults.length === 0,
      faults: [...result.faults],
    };
  },
  answer: ({ ml_per_stroke, factor, spread_pct, uncertainty_pct, accepted, faults }) => ({
    main: line('One stroke gives', ml_per_stroke, 'mL', 4),
    lines: [
      line('Factor, measured to assumed', factor, '', 3),
      line('Runs differ by', spread_pct, '% of their mean', 2),
      line('Uncertainty of the mean', uncertainty_pct, '%', 2),
    ],
    verdict: accepted
      ? { good: true, words: 'Accepted.' }
      : { good: false, words: faults.map((fault) => CALIBRATION_FAULT_WORDS[fault]).join(' ') },
  }),
};
