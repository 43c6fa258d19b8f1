import { z } from 'zod';
import { gasPicture } from '../../dosing';
import { figure, line, positive } from '../fields';
import type { Tool } from '../tool';

export const gasInput = z.object({
  suction_bar_abs: positive('The suction pressure'),
  stroke_ml: positive('The stroke volume'),
  dead_ml: positive('The dead volume'),
  discharge_bar_abs: positive('The discharge pressure'),
});

export interface GasOutput {
  reach_bar_abs: number;
  clears: boolean;
}

export const gasTool: Tool<typeof gasInput, GasOutput> = {
  id: 'gas',
  group: 'suction',
  name: 'Gas in the head',
  about:
    'Whether a head full of gas can push it out: p·(dead + stroke)/dead against the discharge, absolute pressures.',
  input: gasInput,
  fields: [
    figure('suction_bar_abs', 'Suction, absolute', 'pressure', '1'),
    figure('discharge_bar_abs', 'Discharge, absolute', 'pressure', '4.5', {
      hint: 'System and injection valve, with 1.013 of air.',
    }),
    figure('stroke_ml', 'Stroke volume as set', 'strokeVolume', '0.4'),
    figure('dead_ml', 'Dead volume of the head', 'strokeVolume', '0.15'),
  ],
  run: (input) => {
    const { reach_bar, clears } = gasPicture(
      input.suction_bar_abs,
      input.stroke_ml,
      input.dead_ml,
      input.discharge_bar_abs,
    );
    return { reach_bar_abs: reach_bar, clears };
  },
  answer: ({ reach_bar_abs, clears }) => ({
    main: line('Squeezing gas reaches', reach_bar_abs, 'bar absolute', 2),
    lines: [],
    verdict: clears
      ? { good: true, words: 'The head can clear itself, slowly squeezed.' }
      : {
          good: false,
          words: 'The head locks on gas. A longer stroke, a bleed path or a degassing head is needed.',
        },
  }),
};
