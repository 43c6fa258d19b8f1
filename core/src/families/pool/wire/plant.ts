import { z } from 'zod';
import { choice, described, figure, group, minute, months } from '../../../describe';
import { orZero, orZeroIfBlank, speed, onDays, called } from './fields';

export const tariffWindow = group(
  {
    days: onDays,
    months: described(
      z.tuple([z.int().min(1).max(12), z.int().min(1).max(12)], { error: 'Months run from 1 to 12.' }),
      { label: 'Months', place: months, hint: 'e.g. 10–3; blank: all year' },
    ).nullable(),
    from: minute('From'),
    to: minute('To', { hint: '24:00 ends the day' }),
    price: described(z.number({ error: 'A price must be a number.' }), {
      label: 'A kWh costs',
      quantity: 'plain',
    }),
  },
  { order: ['days', 'from', 'to', 'price', 'months'] },
);

export const linked = group({
  kind: choice('Needs the water moving', {
    dosing: 'dosing',
    heater: 'heater',
    chlorinator: 'chlorinator',
    cleaner: 'cleaner',
    chemistry: 'chemistry controller',
  }),
  name: called('Name', 'Give it a name.'),
  told: choice(
    'Told of moving water by',
    {
      contact: 'a contact of the panel',
      link: 'a link to the panel',
      switch: 'a flow switch of its own',
      nothing: 'nothing',
    },
    { open: 'Not known' },
  ).optional(),
});

export const point = group(
  {
    speed_rpm: described(speed('Speed'), { asRead: 'speed_rpm' }),
    flow_m3h: figure('Flow', 'waterFlow', { ...orZero, asRead: 'flow_m3h' }),
    head_m: figure('Head, where water is lifted', 'length', orZero).nullable(),
    power_W: figure('Power', 'power', { asRead: 'power_W' }),
  },
  { order: ['speed_rpm', 'flow_m3h', 'power_W', 'head_m'] },
);

export const heat = group(
  {
    source: choice(
      'By',
      {
        off: 'off',
        heater: 'heater',
        'heat-pump': 'heat pump',
        solar: 'roof',
        'solar-first': 'roof first',
      },
      { caution: 'Too warm water exhausts and scalds. Keep to what the operator has agreed.' },
    ),
    pool_C: described(z.number(), { label: 'Pool', quantity: 'temperature' }),
    tub_C: described(z.number(), {
      label: 'Tub',
      quantity: 'temperature',
      hint: 'Counts only while it is selected',
    }).nullable(),
    /** the warmest that is allowed */
    warmest_C: described(z.number(), { label: 'Warmest allowed', quantity: 'temperature' }),
    /** minutes the water runs on after the heater has stopped */
    afterRun_min: figure('After-run', 'minutes', orZeroIfBlank('minutes')),
    startDifference_K: figure('Roof starts at', 'difference'),
    stopDifference_K: figure('Roof stops at', 'difference', orZero),
    /** by night, over the roof */
    cooledTo_C: figure('Cooled at night by the roof, down to', 'temperature', {
      min: 5,
      max: 45,
      hint: 'Where the water gets too warm; else empty',
    }).optional(),
    heater_kW: figure('Heater', 'heat').optional(),
    /** collector on the roof */
    roof_m2: figure('Roof collector', 'area').optional(),
  },
  { on: 'The water is heated' },
);
