import { z } from 'zod';
import { aged_gpl, neededPumpFlow_lph, strength_gpl } from '../dosing';
import type { Tool } from './tool';

const positive = (what: string) =>
  z.number({ error: `${what} must be a number.` }).positive(`${what} must be more than 0.`);

export const doseInput = z.object({
  water_m3h: positive('The water flow'),
  dose_mgl: positive('The dose'),
  weight_pct: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
  density_kgl: positive('The density'),
  age_days: z.number({ error: 'The age must be a number.' }).min(0, 'The age cannot be negative.'),
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
  name: 'Dose to pump flow',
  about: 'The pump flow that gives a dose: q = Q·D/C, with the strength aged by its half-life.',
  input: doseInput,
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
};
