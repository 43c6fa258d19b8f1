import { z } from 'zod';
import { choice, described, figure, group, kind, share, wholes, yesNo } from '../../../describe';
import { addressSchema } from '../../parts/behaviours';
import { AFTER_CUT, curvePoints, powerPoints, pricesOf } from '../../parts/duty-figures';
import { MODE_WORDS } from './behaviours';

/** What the circulator serves, in a sentence and on paper. */
export const SYSTEM_WORDS = {
  radiators: 'radiators with thermostatic valves',
  underfloor: 'underfloor heating',
  primary: 'a primary circuit with fixed flow',
  cooling: 'cooling',
  'hot-water': 'a hot-water return',
  solar: 'a solar circuit',
  unknown: 'a system that nobody described',
} as const;
export type SystemKind = keyof typeof SYSTEM_WORDS;

/** How the two of a twin work. */
export const TWIN_WAY_WORDS = {
  standby: 'one waits',
  alternate: 'take turns',
  'on-demand': 'second joins',
  always: 'both always',
} as const;
export type TwinWay = keyof typeof TWIN_WAY_WORDS;
export const TWIN_WAYS: readonly TwinWay[] = ['standby', 'alternate', 'on-demand', 'always'];

/** Beyond this the curve of a pump for water holds no more, mm²/s. */
export const THICKEST_mm2s = 10;

const carrier = z.discriminatedUnion('kind', [
  group({ kind: kind('water', 'Water') }),
  group({
    kind: kind('mixture', 'A glycol mixture'),
    density_kgm3: figure('Density', 'liquidDensity', { max: 2000 }),
    heat_kJkgK: figure('Heat capacity', 'heatCapacity', { max: 10 }),
    viscosity_mm2s: figure('Viscosity when coldest', 'plain', {
      max: 10_000,
      unit: 'mm²/s',
      hint: 'From its data sheet',
    }),
  }),
]);

/** What tells the pump to run, and how fast. */
const control = z.discriminatedUnion('kind', [
  group({ kind: kind('own', 'Itself') }),
  group({
    kind: kind('volts', '0–10 V'),
    off_V: figure('The site sends at rest', 'voltage', { min: 0, max: 24 }),
    on_V: figure('To start', 'voltage', { max: 24 }),
    full_V: figure('For full speed', 'voltage', { max: 24 }),
  }),
  group({
    kind: kind('sensor', 'A sensor'),
    range_bar: figure('Range on the sensor’s label', 'pressure', {
      max: 100,
      hint: 'Read it on the sensor itself',
    }),
  }),
  group({
    kind: kind('link', 'A link'),
    others: wholes('Addresses that others on it have', addressSchema).max(250),
    // null while nobody decided
    silent: choice(
      'When the link falls silent, it should',
      { 'own-mode': 'go on by itself', stop: 'stop' },
      { hint: 'Decide it with the operator' },
    ).nullable(),
  }),
]);

const isReturn = (here: (key: string) => string) => here('system') === 'hot-water';

/** A hot-water return: what its pipe loses, and what local code or the operator asks for. */
const hotWater = group(
  {
    pipe_m: figure('Length of its pipe, there and back', 'length'),
    loss_Wm: figure('Each metre loses', 'lineLoss', { max: 1000, hint: 'Lagged: about 8 W/m' }),
    supply_C: figure('Supply', 'temperature', { max: 95, asRead: 'flow_C' }),
    coolest_C: figure('Coolest return', 'temperature', { max: 95, hint: 'By local code or operator' }),
    longestPause_min: figure('It may stand for', 'minutes', {
      min: 0,
      max: 1440,
      hint: '0 where it may not',
    }),
  },
  { when: isReturn, whole: true },
);
export type HotWater = z.infer<typeof hotWater>;

/** A return gives up no more than this between supply and return, K. */
export const RETURN_MOST_K = 5;

/** What a circulator is to do. */
export const circulatorDutySchema = group({
  family: z.literal('circulator'),
  system: choice('It serves', SYSTEM_WORDS, { hint: 'The mode that is proposed follows from it.' }),
  // a return carries what its pipe loses
  heat_kW: figure('Heat to carry', 'heat', { max: 50_000, when: (here) => !isReturn(here) }),
  difference_K: figure('Flow less return', 'difference', { max: 100 }),
  carrier: described(carrier, { label: 'The liquid is' }),
  index: group({
    head_m: figure('Loss of the least favourable circuit', 'head', {
      max: 200,
      hint: 'At the maximum flow',
    }),
    from: choice('Known from', { stated: 'as stated', measured: 'measured' }),
    before: share('Of it before the first branch', {
      min: 0,
      hint: 'Leave empty if unknown: then by the system',
    }).optional(),
  }),
  valves: group({
    allMayShut: yesNo('Every valve may shut at one time'),
    leastFlow_m3h: figure('What flows then, by a bypass', 'waterFlow', {
      min: 0,
      hint: 'Leave empty if unknown',
    }).nullable(),
  }),
  pump: group({
    curve: curvePoints(500, 'Flow at full speed'),
    power: powerPoints(50_000),
    leastShare: share('Minimum speed, of the maximum'),
    least_W: figure('Minimum power on its plate', 'power', { min: 0, max: 50_000 }),
  }),
  pipe: group({
    bore_mm: figure('Bore of the pipe at the pump', 'bore', { max: 2000 }),
    material: choice('Of', { steel: 'steel', copper: 'copper', plastic: 'plastic' }),
  }).nullable(),
  inlet_bar: figure('Pressure at the inlet, standing', 'pressure', {
    min: -1,
    max: 100,
    hint: 'Cold; empty when not read',
    asRead: 'inlet_bar',
  }).nullable(),
  hotWater: hotWater.nullable().optional(),
  twin: group(
    {
      flap: choice('The flap valve between them', {
        tight: 'is tight',
        leaks: 'leaks',
        missing: 'is missing',
        unknown: 'unknown',
      }),
    },
    { on: 'Twin: two alike heads in one body' },
  ).optional(),
  control: described(control, { label: 'How fast is told by' }),
  contact: choice('Its start contact is', {
    link: 'linked',
    wired: 'wired',
    open: 'open',
    none: 'not there',
  }),
  alarm: group(
    {
      volts_V: figure('The site puts on it', 'voltage', { max: 1000 }),
      amps_A: figure('And at most', 'motorCurrent', { max: 100 }),
      onFault: choice('The site takes it for a fault when it', { opens: 'opens', closes: 'closes' }),
    },
    { on: 'Its fault contact is wired' },
  ).optional(),
  season_h: figure('Running hours a year', 'hours', { max: 8784, unit: 'h' }),
  ...pricesOf,
  choices: group({
    mode: choice('Mode', MODE_WORDS, {
      open: 'As proposed',
      hint: 'What each costs is shown below',
    }).optional(),
    afterCut: choice('After a power cut', AFTER_CUT, {
      open: 'As is safe',
      hint: 'Circulation goes on by itself, unless a start can surprise someone',
    }).optional(),
    twin: choice('The two of a twin', TWIN_WAY_WORDS, { open: 'As proposed' }).optional(),
  }),
}).superRefine(({ control, system, difference_K, hotWater }, context) => {
  const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
  if (control.kind === 'volts') {
    if (control.off_V > control.on_V)
      complain(['control', 'off_V'], 'It must rest at or below the voltage that starts it.');
    if (control.on_V >= control.full_V)
      complain(['control', 'full_V'], 'Full speed must lie above the voltage that starts it.');
  }
  if (system === 'hot-water') {
    if (!hotWater) complain(['hotWater', 'pipe_m'], 'A hot-water return needs its pipe and its limits.');
    else if (hotWater.coolest_C >= hotWater.supply_C)
      complain(['hotWater', 'coolest_C'], 'The return cannot be as warm as the supply.');
    else if (difference_K <= RETURN_MOST_K && difference_K > hotWater.supply_C - hotWater.coolest_C + 1e-9)
      complain(
        ['difference_K'],
        `With ${hotWater.supply_C} °C of supply and ${hotWater.coolest_C} °C at the coolest the return may lose ${Number((hotWater.supply_C - hotWater.coolest_C).toFixed(2))} K.`,
      );
    if (difference_K > RETURN_MOST_K)
      complain(['difference_K'], `A return loses ${RETURN_MOST_K} K at most between supply and return.`);
  }
  if (system === 'cooling' && difference_K > 20)
    complain(['difference_K'], 'A cooling system seldom has more than 20 K: enter flow less return.');
});
export type CirculatorDuty = z.infer<typeof circulatorDutySchema>;
