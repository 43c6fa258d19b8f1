import { z } from 'zod';
import { startsPerHour, usableWater_L } from '../../hydraulics';
import { figure, line, notNegative, positive } from '../fields';
import type { Tool } from '../tool';

export const vesselStartsInput = z
  .object({
    vessel_l: positive('The vessel'),
    precharge_bar: notNegative('The pre-charge'),
    start_bar: positive('The start pressure'),
    stop_bar: positive('The stop pressure'),
    draw_m3h: positive('Demand'),
    fill_m3h: positive('The flow while it fills'),
    stop_delay_s: notNegative('The delay'),
  })
  .refine(({ precharge_bar, stop_bar }) => precharge_bar < stop_bar, {
    path: ['precharge_bar'],
    message: 'The gas stands above the stop pressure: no water enters the vessel.',
  });

export interface VesselStartsOutput {
  usable_l: number;
  starts_per_h: number;
  /** the gas is above the start pressure: it drops at a stroke */
  high_precharge: boolean;
}

export const vesselStartsTool: Tool<typeof vesselStartsInput, VesselStartsOutput> = {
  id: 'vessel-starts',
  group: 'pressure',
  name: 'Vessel and starts',
  about: 'The water that a pressure vessel gives between start and stop, and the starts in an hour.',
  input: vesselStartsInput,
  fields: [
    figure('vessel_l', 'Vessel', 'volume', '50'),
    figure('precharge_bar', 'Pre-charge, empty of water', 'pressure', '2.5'),
    figure('start_bar', 'Starts at', 'pressure', '2.8'),
    figure('stop_bar', 'Stops at', 'pressure', '3.8'),
    figure('draw_m3h', 'Drawn meanwhile', 'waterFlow', '0.4'),
    figure('fill_m3h', 'Pump gives while filling', 'waterFlow', '2.5'),
    figure('stop_delay_s', 'Runs on before it stops', 'seconds', '10'),
  ],
  run: ({ vessel_l, precharge_bar, start_bar, stop_bar, draw_m3h, fill_m3h, stop_delay_s }) => {
    const vessel = { volume_L: vessel_l, precharge_bar };
    const usable_l = usableWater_L(vessel, start_bar, stop_bar);
    return {
      usable_l,
      starts_per_h: startsPerHour(usable_l, draw_m3h, fill_m3h, stop_delay_s),
      high_precharge: precharge_bar > start_bar,
    };
  },
  answer: ({ usable_l, starts_per_h, high_precharge }) => ({
    main: line('Starts in an hour', starts_per_h, '', 1),
    lines: [line('Usable water', usable_l, 'L', 1)],
    verdict: high_precharge
      ? {
          good: false,
          words: 'The pre-charge is above the start: pressure drops at a stroke before the pump runs.',
        }
      : { good: true, words: 'Pre-charge 0.2 to 0.3 bar under the start is usual.' },
  }),
};
