import { z } from 'zod';
import { balance_C, heldHeat_WhK, standing_kWh, warmUp_h } from '../../heat';
import { figure, line, notNegative, number, positive } from '../fields';
import type { Tool } from '../tool';

export const warmUpInput = z.object({
  volume_l: positive('The volume'),
  heater_kw: notNegative('The heat'),
  loss_kwk: positive('The loss'),
  air_c: number('The air'),
  from_c: number('The water now'),
  to_c: number('The wanted temperature'),
});

export interface WarmUpOutput {
  /** what it holds in the end, °C */
  balance_c: number;
  /** null where it never gets there */
  hours: number | null;
  standing_kwh_day: number;
}

const WATTS = 1000;

export const warmUpTool: Tool<typeof warmUpInput, WarmUpOutput> = {
  id: 'warm-up',
  group: 'heads',
  name: 'Warming up a tub',
  about: 'How long a heater takes, what it holds in the end, and what standing warm costs a day.',
  input: warmUpInput,
  fields: [
    figure('volume_l', 'Water', 'volume', '1350'),
    figure('heater_kw', 'Heat of heater and pump', 'heat', '3'),
    figure('loss_kwk', 'Loss', 'plain', '0.06', { unit: 'kW/K', hint: 'From a cool-down' }),
    figure('air_c', 'Air', 'temperature', '6'),
    figure('from_c', 'Water now', 'temperature', '12'),
    figure('to_c', 'Wanted', 'temperature', '37'),
  ],
  run: ({ volume_l, heater_kw, loss_kwk, air_c, from_c, to_c }) => {
    const [heat_W, loss_WK] = [heater_kw * WATTS, loss_kwk * WATTS];
    const body = { held_WhK: heldHeat_WhK(volume_l), loss_WK };
    return {
      balance_c: balance_C(air_c, heat_W, loss_WK),
      hours: warmUp_h(body, heat_W, air_c, from_c, to_c),
      standing_kwh_day: standing_kWh(loss_WK, to_c, air_c),
    };
  },
  answer: ({ balance_c, hours, standing_kwh_day }) => ({
    main: hours === null ? line('Final temperature', balance_c, '°C') : line('Warm after', hours, 'h'),
    lines: [
      ...(hours === null ? [] : [line('It would hold in the end', balance_c, '°C')]),
      line('Standing warm takes a day', standing_kwh_day, 'kWh'),
    ],
    verdict:
      hours === null
        ? { good: false, words: 'The water never gets there: the heat loss is as large before.' }
        : { good: true, words: 'It gets there.' },
  }),
};
