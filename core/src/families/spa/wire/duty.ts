import { z } from 'zod';
import { choice, described, figure, group, kind, minute, rows, whole } from '../../../describe';
import { InputError } from '../../../input';
import { checkedTariff } from '../../../schedule';
import { DAY_MIN } from '../../../time';
import { pricesOf } from '../../parts/duty-figures';
import { MOST_PUMPS } from './table';

const temperature = (
  label: string,
  { min = -40, max = 60, hint }: { min?: number; max?: number; hint?: string } = {},
) => figure(label, 'temperature', { min, max, hint });
const current = (label: string, hint?: string) => figure(label, 'motorCurrent', { max: 100, hint });
const power = (label: string) => figure(label, 'power', { max: 25_000 });
const flow = (label: string, hint: string) => figure(label, 'waterFlow', { max: 500, hint }).nullable();
const oneToThree = (label: string, hint: string | undefined, least: string, most: string) =>
  described(z.int(least).min(1, least).max(3, most), { label, quantity: 'plain', hint });
const phase = (label = 'On phase') => {
  const which = 'Which phase: 1, 2 or 3.';
  return oneToThree(label, '1, 2 or 3', which, which);
};
const phases = (label: string, hint?: string) =>
  oneToThree(label, hint, 'One, two or three phases.', 'Three phases at most.');

/** A stretch of each day; one that ends before it begins runs over midnight. */
const stretch = (from: string) =>
  group({ from: minute(from).max(DAY_MIN - 1, 'A start lies before 24:00.'), to: minute('to') }).refine(
    (window) => window.from !== window.to,
    { path: ['to'], message: 'It must end at another time than it begins.' },
  );

const load = { current_A: current('Current', 'From its plate'), power_W: power('Power') };
const loadSchema = group(load, { on: 'Has a low speed' });
export type ElectricLoad = z.infer<typeof loadSchema>;

const pumpSchema = group(
  {
    // null on a pump of one speed
    low: loadSchema.nullable(),
    high: group({
      current_A: current('Current, at high speed', 'Or at its only speed'),
      power_W: power('Power, at high speed'),
    }),
    phase: phase(),
    low_m3h: flow('Flow at low speed', 'Or at its only one; empty when not known'),
  },
  { order: ['high', 'low', 'low_m3h', 'phase'] },
);
export type SpaPump = z.infer<typeof pumpSchema>;

const heater = group({
  power_kW: figure('Heater', 'heat', { max: 60 }),
  volts_V: figure('Volts across each element', 'voltage', { max: 1000 }),
  phases: phases('Elements on a phase each', '1, 2 or 3'),
  phase: phase('The first on phase'),
  // under it the heater cuts out
  leastFlow_m3h: flow('Its minimum flow', 'From its plate'),
});

const loss = z.discriminatedUnion('kind', [
  group({ kind: kind('stated', 'Stated'), covered_WK: figure('Loss', 'heatLoss', { max: 5000 }) }),
  group({
    kind: kind('cool-down', 'From a cool-down'),
    from_C: described(temperature('Water at first'), {
      note: 'Everything off, the cover on: read the water at first and at the end.',
    }),
    to_C: temperature('Water at the end'),
    air_C: temperature('Air meanwhile'),
    hours_h: figure('After', 'hours', { max: 240 }),
  }),
]);

/** What hangs on a pack, what it stands in, and what is wanted of it. */
const spaDutyObject = group({
  family: z.literal('spa'),
  pumps: rows('Add a pump', pumpSchema, {
    min: 1,
    max: MOST_PUMPS,
    tooFew: 'Enter one pump at least: without water moving there is nothing to heat.',
    note: 'List what is really there, plug by plug; not what should be there.',
  }),
  blower: group(
    {
      ...load,
      phase: phase(),
      speeds: whole('Its speeds', { min: 1, max: 3, hint: '1 to 3; empty when not known' }).optional(),
    },
    { on: 'A blower' },
  ).nullable(),
  circulation: group(
    { ...load, phase: phase(), flow_m3h: flow('Its flow', 'Leave empty if unknown') },
    { on: 'A circulation pump' },
  ).nullable(),
  ozone: group({ ...load, phase: phase() }, { on: 'Ozone' }).nullable(),
  lights: group({ ...load, phase: phase() }, { on: 'Lights' }).nullable(),
  heater,
  supply: group({
    volts_V: figure('Voltage', 'voltage', { max: 1000 }),
    phases: phases('Phases'),
    breaker_A: figure('Breaker', 'motorCurrent', { max: 125 }),
  }),
  tub: group({
    volume_L: figure('Water', 'volume', { max: 50_000 }),
    air_C: described(temperature('Air, usually'), { asRead: 'air_C' }),
    coldest_C: temperature('Air, at its coldest'),
    loss: described(loss, { label: 'Its loss under the cover' }),
    open_WK: figure('Loss without its cover', 'heatLoss', {
      max: 20_000,
      hint: 'Leave empty if unknown',
    }).nullable(),
  }),
  // what the local code asks of it then
  code: group(
    {
      circulation_h: figure('Circulation each day', 'hours').max(24, 'A day has 24 hours.'),
      turnovers: figure('Turnovers each day', 'plain', { max: 200 }),
      // free chlorine or bromine
      residual_mgL: figure('Residual', 'dose', { max: 20, hint: 'Held all the time' }),
    },
    { on: 'Several households use it: the local code counts' },
  ).nullable(),
  wanted: group({
    temperature_C: temperature('Water', { min: 5 }),
    limit_C: temperature('Local limit', { min: 20, max: 45, hint: 'Commonly 40 °C' }),
    from_C: temperature('As it is filled', { min: 0 }),
    within_h: figure('Warm within, after filling', 'hours', {
      max: 240,
      hint: 'Empty where it does not matter',
    }).nullable(),
    turnovers: figure('Filter turnovers each day', 'plain', { max: 200 }),
  }),
  baths: rows('Add a time of bathing', stretch('Bathing from'), { max: 6 }),
  quiet: rows('Add quiet hours', stretch('Quiet from'), { max: 4 }),
  prices: rows(
    'Add a price',
    group({
      from: minute('Price from'),
      to: minute('to'),
      price: figure('A kWh costs', 'plain', { min: 0, max: 1000 }),
    }),
    { min: 1, max: 12, tooFew: 'Enter a price for the day.' },
  ),
  currency: pricesOf.currency,
  choices: group({
    rule: choice(
      'Heater beside jets',
      {
        'no-pump': 'waits for all',
        'none-high': 'waits for high speed',
        'one-high': 'beside one high',
        any: 'beside everything',
      },
      { open: 'As is safe', hint: 'What each takes and costs is shown below' },
    ).optional(),
    heating: choice(
      'Heats',
      { always: 'whenever too cool', cycles: 'in cycles', low: 'standing low' },
      { open: 'As proposed' },
    ).optional(),
    between_C: temperature('Between bathing it could be', {
      min: 5,
      max: 45,
      hint: 'To see what that saves',
    }).optional(),
    cleanUp_min: figure('Clean-up after bathing', 'minutes', {
      min: 0,
      max: 600,
      hint: 'Empty: left as it is',
    }).optional(),
  }),
});

/** No board of a tub takes more on a phase than this: a current is mistyped then. */
const MOST_SUM_A = 125;

/** What a spa pack is to do. */
export const spaDutySchema = spaDutyObject.superRefine((duty, context) => {
  const complain = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message });
  const { supply, heater, tub, wanted, baths } = duty;
  const phaseSaid = `The supply has ${supply.phases === 1 ? 'one phase' : `${supply.phases} phases`}: there is no phase`;
  const on: readonly [(string | number)[], number | undefined][] = [
    ...duty.pumps.map((pump, i): [(string | number)[], number] => [['pumps', i, 'phase'], pump.phase]),
    ...(['blower', 'circulation', 'ozone', 'lights'] as const).map((key): [string[], number | undefined] => [
      [key, 'phase'],
      duty[key]?.phase,
    ]),
    [['heater', 'phase'], heater.phase],
  ];
  for (const [path, at] of on)
    if (at !== undefined && at > supply.phases) complain(path, `${phaseSaid} ${at}.`);
  if (heater.phases > supply.phases)
    complain(['heater', 'phases'], `${phaseSaid} ${heater.phases}: the heater cannot use as many.`);
  duty.pumps.forEach(({ low, high }, i) => {
    if (low && low.current_A > high.current_A)
      complain(['pumps', i, 'low', 'current_A'], 'At low speed it cannot take more than at high speed.');
  });
  const sum =
    (heater.power_kW * 1000) / heater.volts_V / heater.phases +
    [...duty.pumps.map(({ high }) => high), duty.blower, duty.circulation, duty.ozone, duty.lights]
      .map((one) => one?.current_A ?? 0)
      .reduce((all, one) => all + one, 0);
  if (sum > MOST_SUM_A * supply.phases)
    complain(
      ['supply', 'breaker_A'],
      `All together take ${sum.toFixed(0)} A: no breaker of a tub carries that. Check the currents.`,
    );
  if (tub.coldest_C > tub.air_C)
    complain(['tub', 'coldest_C'], 'The coldest air cannot be warmer than the usual.');
  if (tub.loss.kind === 'cool-down') {
    const { from_C, to_C, air_C } = tub.loss;
    if (to_C >= from_C) complain(['tub', 'loss', 'to_C'], 'It must be cooler at the end than at first.');
    if (air_C >= to_C)
      complain(['tub', 'loss', 'air_C'], 'The air must be colder than the water at the end.');
  }
  if (wanted.from_C > wanted.temperature_C)
    complain(['wanted', 'from_C'], 'The fill is warmer than required: nothing needs heating.');
  baths.forEach((one, i) => {
    if (baths.slice(0, i).some((other) => overlap(one, other)))
      complain(['baths', i, 'from'], 'This time lies in another one.');
  });
  try {
    checkedTariff(duty.prices);
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    complain(['prices', 0, 'from'], error.message);
  }
});
export type SpaDuty = z.infer<typeof spaDutySchema>;

function overlap(a: { from: number; to: number }, b: { from: number; to: number }): boolean {
  const parts = ({ from, to }: { from: number; to: number }) =>
    from < to
      ? [[from, to]]
      : [
          [from, DAY_MIN],
          [0, to],
        ];
  return parts(a).some(([from, to]) => parts(b).some(([other, until]) => from < until && other < to));
}
