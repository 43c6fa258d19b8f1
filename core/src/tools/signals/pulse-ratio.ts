import { z } from 'zod';
import { productPerPulse_mL, pulseChoices, pulseRate_ppm, type PulseChoice } from '../../dosing';
import { formatNumber } from '../../units';
import { figure, line, positive } from '../fields';
import type { Tool, ToolLine } from '../tool';

export const pulseRatioInput = z.object({
  litres_per_pulse: positive('The water for each pulse'),
  dose_mgl: positive('The dose'),
  strength_gl: positive('The strength'),
  stroke_ml: positive('The stroke volume'),
  water_max_m3h: positive('The maximum water flow'),
  ceiling_spm: positive('The ceiling rate'),
});

export interface PulseRatioRow {
  kind: 'multiply' | 'divide';
  factor: number;
  stroke_length_pct: number;
  strokes_per_min_max: number;
  dose_error_pct: number;
}

export interface PulseRatioOutput {
  ml_per_pulse: number;
  pulses_per_min_max: number;
  /** null when no factor fits */
  choice: PulseRatioRow | null;
  runners_up: PulseRatioRow[];
}

const row = (choice: PulseChoice): PulseRatioRow => ({
  kind: choice.way,
  factor: choice.factor,
  stroke_length_pct: choice.length_pct,
  strokes_per_min_max: choice.greatest_spm,
  dose_error_pct: choice.error * 100,
});

const RUNNERS_UP = 4;

export const pulseRatioTool: Tool<typeof pulseRatioInput, PulseRatioOutput> = {
  id: 'pulse-ratio',
  group: 'signals',
  name: 'Pulse ratio',
  about:
    'Strokes for each pulse, or pulses for each stroke, and the stroke length: L = 100·vp/(n·v100), vp = K·D/C.',
  input: pulseRatioInput,
  fields: [
    figure('litres_per_pulse', 'Water for each pulse', 'volume', '10'),
    figure('water_max_m3h', 'Maximum water flow', 'waterFlow', '24'),
    figure('dose_mgl', 'Dose', 'dose', '2'),
    figure('strength_gl', 'Strength', 'strength', '150'),
    figure('stroke_ml', 'Stroke volume at full length', 'strokeVolume', '0.42'),
    figure('ceiling_spm', 'Ceiling rate', 'strokeRate', '150'),
  ],
  run: (input) => {
    const choices = pulseChoices({
      litresPerPulse: input.litres_per_pulse,
      dose_mgl: input.dose_mgl,
      strength_gpl: input.strength_gl,
      full_mL: input.stroke_ml,
      greatestWater_m3h: input.water_max_m3h,
      ceiling_spm: input.ceiling_spm,
    });
    return {
      ml_per_pulse: productPerPulse_mL(input.litres_per_pulse, input.dose_mgl, input.strength_gl),
      pulses_per_min_max: pulseRate_ppm(input.water_max_m3h, input.litres_per_pulse),
      choice: choices.length > 0 ? row(choices[0]) : null,
      runners_up: choices.slice(1, 1 + RUNNERS_UP).map(row),
    };
  },
  answer: ({ choice, ml_per_pulse, pulses_per_min_max, runners_up }) => ({
    main: choice
      ? { label: 'Set', value: ratioWords(choice), unit: `at ${choice.stroke_length_pct} % stroke` }
      : { label: 'Set', value: '–', unit: '' },
    lines: [
      line('Product for each pulse', ml_per_pulse, 'mL', 4),
      line('Pulses at the maximum flow', pulses_per_min_max, 'pulses/min', 1),
      ...(choice
        ? [
            line('Strokes at the maximum flow', choice.strokes_per_min_max, 'strokes/min', 1),
            line('Dose error left by rounding', choice.dose_error_pct, '%', 2),
          ]
        : []),
      ...runners_up.map((other): ToolLine => ({
        label: 'Runner-up',
        value: `${ratioWords(other)}, ${other.stroke_length_pct} %`,
        unit: `${formatNumber(other.strokes_per_min_max, 1, '.')} strokes/min, ${formatNumber(other.dose_error_pct, 2, '.')} %`,
      })),
    ],
    ...(choice
      ? {}
      : {
          verdict: {
            good: false,
            words:
              'No factor keeps the stroke between 30 and 100 % and the rate under 90 % of the ceiling. Take another pump, another meter or a weaker product.',
          },
        }),
  }),
};

function ratioWords({ kind, factor }: PulseRatioRow): string {
  return kind === 'multiply' ? `× ${factor}` : `÷ ${factor}`;
}
