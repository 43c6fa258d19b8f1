import { z } from 'zod';
import { heldHeat_WhK, lossOfCoolDown_WK } from '../../heat';
import { figure, line, number, positive } from '../fields';
import type { Tool } from '../tool';

export const coolDownInput = z.object({
  volume_l: positive('The volume'),
  air_c: number('The air'),
  from_c: number('The water at first'),
  to_c: number('The water at the end'),
  hours: positive('The time'),
});

const WATTS = 1000;

export const coolDownTool: Tool<typeof coolDownInput, { loss_kwk: number }> = {
  id: 'cool-down',
  group: 'heads',
  name: 'Loss from a cool-down',
  about: 'What a tub loses for each kelvin, from how it cooled with everything off and its cover on.',
  input: coolDownInput,
  fields: [
    figure('volume_l', 'Water', 'volume', '1350'),
    figure('air_c', 'Air meanwhile', 'temperature', '6'),
    figure('from_c', 'Water at first', 'temperature', '37.4'),
    figure('to_c', 'Water at the end', 'temperature', '35.1'),
    figure('hours', 'After', 'hours', '10'),
  ],
  run: ({ volume_l, air_c, from_c, to_c, hours }) => ({
    loss_kwk:
      lossOfCoolDown_WK(heldHeat_WhK(volume_l), {
        from_C: from_c,
        to_C: to_c,
        air_C: air_c,
        hours_h: hours,
      }) / WATTS,
  }),
  answer: ({ loss_kwk }) => ({
    main: line('Loss', loss_kwk * WATTS, 'W/K'),
    lines: [line('For a calculation in kW', loss_kwk, 'kW/K')],
  }),
};
