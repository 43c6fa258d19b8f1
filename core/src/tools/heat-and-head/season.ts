import { z } from 'zod';
import { headAt_m, loadsOf, seasonEnergy_kWh } from '../../hydraulics';
import { figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';
import { curveOf, lineFields, lineInput, lineOf } from './line-input';

export const seasonInput = z
  .object({
    ...lineInput,
    power_w: positive('The power at no flow'),
    power_w_per_m3h: notNegative('The power for each m³/h'),
    hours: positive('The hours').max(8784, 'A year has 8784 hours at most.'),
  })
  .superRefine((typed, context) => {
    if (headAt_m(curveOf(typed), typed.design_m3h) <= 0)
      context.addIssue({
        code: 'custom',
        path: ['design_m3h'],
        message: 'The design flow lies beyond the curve: the pump gives no head there.',
      });
  });

export interface SeasonOutput {
  energy_kwh: number;
  /** power at 100, 75, 50 and 25 % of the flow, W */
  power_w: number[];
}

export const seasonTool: Tool<typeof seasonInput, SeasonOutput> = {
  id: 'season',
  group: 'heads',
  name: 'A heating season',
  about: 'What a circulator takes in a year of varying heating, by the mode that it is set to.',
  input: seasonInput,
  fields: [
    ...lineFields,
    figure('power_w', 'Power at no flow, full speed', 'power', '40'),
    figure('power_w_per_m3h', 'And for each m³/h', 'power', '10'),
    figure('hours', 'Hours of heating a year', 'hours', '5000'),
  ],
  run: ({ power_w, power_w_per_m3h, hours, ...typed }) => {
    const power = { atNoFlow_W: power_w, perFlow: power_w_per_m3h };
    const loads = loadsOf(lineOf(typed), curveOf(typed), power, typed.design_m3h);
    return { energy_kwh: seasonEnergy_kWh(loads, hours), power_w: loads.map((load) => load.power_W) };
  },
  answer: ({ energy_kwh, power_w }) => ({
    main: line('Energy', energy_kwh, 'kWh', 0),
    lines: [100, 75, 50, 25].map((share, i) => line(`Power at ${share} % of the flow`, power_w[i], 'W', 0)),
  }),
};
