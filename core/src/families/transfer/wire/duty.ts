import { z } from 'zod';
import { choice, described, figure, group, kind, whole, yesNo } from '../../../describe';
import { AFTER_CUT, altitude_m, curvePoints, powerPoints, pricesOf } from '../../parts/duty-figures';

/** What each word of a duty is called, on the form, on paper and in findings. */
export const PLANT_WORDS = {
  press: 'a press',
  vacuum: 'a vacuum line',
  tank: 'a tank',
  separator: 'a separator',
} as const;
export type Plant = keyof typeof PLANT_WORDS;
export const PUMP_KIND_WORDS = {
  plain: 'a plain pump',
  'self-priming': 'a self-priming pump',
  lobe: 'a rotary lobe pump',
  flexible: 'a flexible impeller pump',
} as const;
export type PumpKind = keyof typeof PUMP_KIND_WORDS;

/** Pumps that displace: their flow goes with their speed whatever stands against them, and a shut valve holds them by breaking something. */
export function displaces(kind: string): boolean {
  return kind === 'lobe' || kind === 'flexible';
}
export const CONTROL_WORDS = { even: 'even-flow', level: 'level-following' } as const;
export type Control = keyof typeof CONTROL_WORDS;
export const CONTROLS: readonly Control[] = ['even', 'level'];

const temperature = (label: string) => figure(label, 'temperature', { min: -10, max: 100 });
const flow = (label: string, hint?: string) => figure(label, 'waterFlow', { max: 500, hint });

const inflow = group({
  inlets: whole('Inlets', { min: 1, max: 60 }),
  gulp_L: figure('Each slug', 'volume', { max: 5000 }),
  every_s: figure('A slug from each inlet every', 'seconds', { max: 7200 }),
  together: whole('Fall at once', { min: 1, max: 60, hint: 'How many together, at worst' }),
  cleaning_m3h: flow('Inflow at cleaning'),
  cleaningInput: yesNo('A signal tells it when it is cleaned').optional(),
});

const vessel = group({
  area_m2: figure('Area of the liquid', 'area', { max: 100 }),
  height_mm: figure('Between the float’s ends', 'level', { max: 5000, hint: 'Its whole way, by a ruler' }),
  // under the air around
  vacuum_kPa: figure('Vacuum', 'vacuum', { min: 0, max: 100, hint: '0 where it stands open' }),
  above_m: figure('Float’s low end above the pump', 'length', {
    min: -8,
    max: 50,
    hint: 'Below 0 where it sucks up',
  }),
  checkValve: yesNo('A check valve behind the pump'),
});

/** Asked of a pump that displaces. */
const ofDisplacing = {
  whole: true,
  when: (here: (key: string) => string) => displaces(here('pumpKind')),
  otherwise: undefined,
} as const;

const pump = group({
  static_m: figure('From the vessel up to where it goes', 'length', { min: 0, max: 200 }),
  pipe: group(
    { loss_m: figure('Lost', 'length', { max: 200 }), at_m3h: flow('at a flow of') },
    { on: 'The loss of pipe and cooler is known' },
  ).nullable(),
  curve: curvePoints(200),
  power: powerPoints(100_000),
  rated_rpm: figure('Speed of its curve', 'speed', { max: 20_000 }),
  npsh_m: figure('Needs at its inlet, at that speed', 'length', {
    min: 0,
    max: 50,
    hint: 'NPSH; empty when not known',
  }).nullable(),
  limit_rpm: figure('Its own maximum speed', 'speed', { max: 20_000, hint: 'From its manual' }).nullable(),
  relief: yesNo('A relief valve behind it, or built in', ofDisplacing).optional(),
  relief_bar: figure('It opens at', 'pressure', {
    max: 100,
    hint: 'Above the pressure at the pump’s inlet; empty when not known',
    ...ofDisplacing,
  }).optional(),
  outlet_L: figure('Liquid behind the outlet', 'volume', {
    max: 5000,
    hint: 'What may be drawn before air follows',
  }),
});

const product = group({
  in_C: described(temperature('It comes with'), { asRead: 'product_C' }),
  density_kgm3: figure('Density', 'liquidDensity', { max: 2000 }),
  heat_kJkgK: figure('Heat capacity', 'heatCapacity', { max: 10 }),
  wanted_C: temperature('Wanted'),
  stands_min: figure('It may stand for', 'minutes', {
    max: 1440,
    hint: 'Empty where that does not matter',
  }).nullable(),
  foams: yesNo('It foams'),
  surges: yesNo('Cleaning comes in surges'),
});

const stated = group({
  kind: kind('stated', 'UA stated'),
  ua_kWK: figure('UA', 'conductance', { max: 1000 }),
  at_m3h: flow('at a flow of the product of'),
});
const readings = group({
  kind: kind('readings', 'From readings'),
  product_m3h: flow('Product'),
  coolant_m3h: flow('Coolant'),
  in_C: described(temperature('Product came with'), { asRead: 'product_C' }),
  out_C: described(temperature('Product left with'), { asRead: 'delivered_C' }),
  coolant_C: temperature('Coolant came with'),
});
const cooler = group(
  {
    coolant_m3h: flow('Coolant'),
    coolant_C: temperature('It comes with'),
    ua: described(z.discriminatedUnion('kind', [stated, readings]), { label: 'What it passes' }),
    // a half is taken where nobody knows
    side: described(
      z.number().gt(0, 'The share must be more than 0.').lt(1, 'The share must be less than 1.'),
      {
        label: 'Share of the product’s side in its resistance',
        quantity: 'plain',
        hint: 'From 0 to 1; empty: a half is taken',
      },
    ).nullable(),
  },
  { on: 'A plate cooler' },
);

const transferDutyObject = group({
  family: z.literal('transfer'),
  plant: choice('Kind of plant', PLANT_WORDS),
  pumpKind: choice('Kind of pump', PUMP_KIND_WORDS),
  inflow,
  vessel,
  pump,
  product,
  cooler: cooler.nullable(),
  altitude_m,
  ...pricesOf,
  choices: group({
    control: choice('Control', CONTROL_WORDS, {
      open: 'As suits it',
      hint: 'Both are shown below on the same slugs',
    }).optional(),
    afterCut: choice('After a power cut', AFTER_CUT, { open: 'As proposed' }).optional(),
  }),
});

/** What a pump that empties a vessel is to do. */
export const transferDutySchema = transferDutyObject.superRefine(
  ({ inflow, vessel, product, cooler, pump }, context) => {
    const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    const litres = vessel.area_m2 * vessel.height_mm;
    if (inflow.gulp_L * inflow.together > litres)
      complain(
        ['inflow', 'gulp_L'],
        `${inflow.together === 1 ? 'A slug is' : `${inflow.together} slugs at once are`} ${(inflow.gulp_L * inflow.together).toFixed(0)} L, and the vessel holds ${litres.toFixed(0)} L between the float’s ends: it floods at every slug.`,
      );
    if (inflow.together > inflow.inlets)
      complain(['inflow', 'together'], 'No more can fall at once than there are inlets.');
    if (cooler && cooler.coolant_C >= product.in_C)
      complain(['cooler', 'coolant_C'], 'The coolant must be colder than the product: this one warms it.');
    if (cooler && product.wanted_C <= cooler.coolant_C)
      complain(['product', 'wanted_C'], 'Nothing is cooled below its coolant.');
    if (product.wanted_C > product.in_C)
      complain(['product', 'wanted_C'], 'It comes cooler than required: then nothing is to be cooled.');
    if (pump.limit_rpm !== null && pump.limit_rpm < pump.rated_rpm * 0.2)
      complain(['pump', 'limit_rpm'], 'That is far below the speed of its curve: check both.');
    const { ua } = cooler ?? { ua: null };
    if (ua?.kind === 'readings') {
      if (ua.coolant_C >= ua.in_C)
        complain(['cooler', 'ua', 'coolant_C'], 'The coolant must be colder than the product.');
      else if (ua.out_C >= ua.in_C || ua.out_C <= ua.coolant_C)
        complain(
          ['cooler', 'ua', 'out_C'],
          'It must leave cooler than it came, and warmer than the coolant.',
        );
    }
  },
);
export type TransferDuty = z.infer<typeof transferDutySchema>;
