import { z } from 'zod';
import { aged_gpl, neededPumpFlow_lph, strength_gpl } from '../../dosing';
import { figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';

export const doseInput = z.object({
  water_m3h: positive('The water flow'),
  dose_mgl: positive('The dose'),
  weight_pct: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
  density_kgl: positive('The density'),
  age_days: notNegative('The age'),
  half_life_days: positive('The half-life'),
});

export interface DoseOutput {
  /** C = 10·weight %·density */
  strength_gl: number;
  /** C·½^(age/half-life) */
  aged_gl: number;
  /** q = Q·D/C with the aged strength */
  pump_lph: number;
}

export const doseTool: Tool<typeof doseInput, DoseOutput> = {
  id: 'dose',
  group: 'dosing',
  name: 'Dose to pump flow',
  about: 'The pump flow that gives a dose: q = Q·D/C, with the strength aged by its half-life.',
  input: doseInput,
  fields: [
    figure('water_m3h', 'Water flow', 'waterFlow', '36'),
    figure('dose_mgl', 'Dose', 'dose', '1.8'),
    figure('weight_pct', 'Strength by weight', 'percent', '12.5', {
      hint: 'Trade per cent is grams in 100 mL: enter it with a density of 1.',
    }),
    figure('density_kgl', 'Density', 'density', '1.21'),
    figure('age_days', 'Age', 'days', '0'),
    figure('half_life_days', 'Half-life', 'days', '90'),
  ],
  run: (input) => {
    const strength_gl = strength_gpl({
      stated: 'weight',
      percent: input.weight_pct,
      density_kgl: input.density_kgl,
    });
    const aged_gl = aged_gpl(strength_gl, input.age_days, input.half_life_days);
    return {
      strength_gl,
      aged_gl,
      pump_lph: neededPumpFlow_lph(input.water_m3h, input.dose_mgl, aged_gl),
    };
  },
  answer: ({ pump_lph, aged_gl, strength_gl }) => ({
    main: line('The pump must give', pump_lph, 'L/h', 3),
    lines: [
      line('Strength when fresh', strength_gl, 'g/L', 1),
      line('Strength left today', aged_gl, 'g/L', 1),
    ],
  }),
};
