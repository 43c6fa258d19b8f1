import { z } from 'zod';
import { DAY_SHAPES, type DayShape } from '../../../bench';
import { choice, described, figure, group, kind, whole, wholes, yesNo } from '../../../describe';
import { capital } from '../../../words';
import { addressSchema } from '../../parts/behaviours';
import { OUTSIDE_SPANS, type OutsideSpan } from '../../../signal';
import { AFTER_CUT, altitude_m, curvePoints, powerPoints, pricesOf } from '../../parts/duty-figures';

/** Gauge pressure: a vacuum is below nil, and nothing is emptier than empty. */
const gauge = (label: string, hint?: string) =>
  figure(label, 'pressure', { min: -1, max: 100, hint, asRead: 'inlet_bar' });
const pressure = (label: string, hint?: string) => figure(label, 'pressure', { max: 100, hint });
const frequency = (label: string) => figure(label, 'frequency', { max: 400 });

/** What a drive holds. */
export const HOLDS_WORDS = {
  pressure: 'a pressure',
  difference: 'a pressure difference',
  speed: 'one speed',
  signal: 'the speed that an outside signal asks for',
} as const;
export type Holds = keyof typeof HOLDS_WORDS;
const holding = <H extends Holds>(one: H) => kind(one, capital(HOLDS_WORDS[one]));

/** The signals that can ask for its speed. */
const SPAN_WORDS = Object.fromEntries(
  Object.entries(OUTSIDE_SPANS).map(([span, { words }]) => [span, words]),
) as Readonly<Record<OutsideSpan, string>>;

/** What a drive does once the signal that it follows is lost. */
export const LOST_WORDS = {
  stop: 'it stops',
  least: 'its minimum frequency',
  last: 'the frequency that it had last',
  greatest: 'its maximum frequency',
} as const;
export type Lost = keyof typeof LOST_WORDS;

/** By what a difference is measured. */
const DIFFERENCE_BY = {
  one: 'one differential sensor',
  two: 'two pressure sensors',
} as const;

/** How several share a draw. */
export const SHARING_WORDS = {
  'one-varies': 'one varies, the others run full',
  'all-vary': 'all vary together',
} as const;

const holds = z.discriminatedUnion('kind', [
  group({
    kind: holding('pressure'),
    tap_bar: pressure('Required at the least favourable tap'),
    above_m: figure('That tap stands above the sensor', 'length', { min: -500, max: 500 }),
    pipe_bar: figure('The pipe to it takes', 'pressure', {
      min: 0,
      max: 100,
      hint: 'At the maximum demand',
    }),
  }),
  group({ kind: holding('difference'), set_bar: pressure('Difference') }),
  group({ kind: holding('speed'), set_hz: frequency('Frequency') }),
  group({
    kind: holding('signal'),
    least_hz: figure('Required at the minimum signal', 'frequency', { min: 0, max: 400 }),
    most_hz: frequency('At the maximum'),
    source: choice('The source gives', SPAN_WORDS, { open: 'Not known' }).optional(),
    lost: choice('Without the signal', LOST_WORDS, {
      open: 'Not decided',
      hint: 'For the site to say: a flooded cellar and a dry roof ask for opposite things',
    }).optional(),
  }),
]);

const pump = group(
  {
    curve: curvePoints(1000, 'Flow of one pump'),
    power: powerPoints(500_000),
    rated_hz: frequency('Rated frequency'),
    npsh_m: figure('Needs at its inlet, at the maximum flow', 'length', {
      min: 0,
      max: 50,
      hint: 'NPSH; empty when not known',
    }).nullable(),
    count: whole('Pumps fitted', { min: 1, max: 8 }),
    // one alone has no other that could carry it
    oneOut: yesNo('The maximum demand must be carried with one out', {
      when: (here) => Number(here('count')) > 1,
      otherwise: false,
    }),
    least_hz: frequency('Minimum, for bearings and cooling'),
    ramp_s: figure('Shortest time to full speed', 'seconds', { max: 600 }),
    dry_s: figure('Its seal stands dry for', 'seconds', {
      max: 3600,
      hint: 'Leave empty if unknown',
    }).nullable(),
    starts_h: figure('Starts in an hour, at most', 'plain', {
      max: 1000,
      hint: 'From its manual',
    }).nullable(),
  },
  {
    order: [
      'count',
      'rated_hz',
      'least_hz',
      'ramp_s',
      'oneOut',
      'curve',
      'power',
      'npsh_m',
      'dry_s',
      'starts_h',
    ],
  },
);

/** A choice of yes that is left out where nobody made it. */
const ifChosen = {
  read: (text: unknown) => text === 'yes',
  write: (value: unknown) => (value === true ? 'yes' : ''),
};

/** Asked where a difference is held. */
const ofDifference = {
  whole: true,
  when: (here: (key: string) => string) => here('holds.kind') === 'difference',
  otherwise: undefined,
} as const;

/** What is known of a drive and what it feeds. */
const driveDutyObject = group({
  family: z.literal('drive'),
  holds: described(holds, { label: 'Controls' }),
  draw: group(
    {
      least_m3h: figure('Minimum real draw', 'waterFlow', { hint: 'One tap, open as usual' }),
      usual_m3h: figure('Usual', 'waterFlow'),
      greatest_m3h: figure('Maximum', 'waterFlow'),
      day: described(z.enum(Object.keys(DAY_SHAPES) as [DayShape, ...DayShape[]]), {
        label: 'Its day',
        options: Object.entries(DAY_SHAPES).map(([value, { name }]) => ({ value, label: name })),
      }),
      leak_m3h: figure('Leak', 'waterFlow', { min: 0, hint: 'Empty when nobody measured it' }).nullable(),
    },
    { order: ['least_m3h', 'usual_m3h', 'greatest_m3h', 'leak_m3h', 'day'] },
  ),
  inlet: group({
    least_bar: gauge('Minimum pressure at the inlet', 'Below 0 where it sucks'),
    greatest_bar: gauge('Maximum'),
  }),
  water: group({
    temperature_C: figure('Water, when warmest', 'temperature', { min: 0, max: 100 }),
    altitude_m,
  }),
  main_L: figure('Water in the pipes behind it', 'volume', { hint: 'Leave empty if unknown' }).nullable(),
  surprise: described(z.string().max(200, 'In 200 letters.'), {
    label: 'What a start could surprise',
    hint: 'A hose, a spray, an open tap; empty where nothing',
  }),
  pump,
  rating: group({
    lowest_bar: pressure('Lowest rating downstream'),
    relief_bar: pressure('A relief valve opens at', 'Empty where there is none').nullable(),
  }),
  vessel: group(
    {
      volume_L: figure('Its volume', 'volume'),
      precharge_bar: figure('Its gas', 'pressure', {
        min: 0,
        max: 100,
        hint: 'Measured empty of water; else leave it empty',
      }).nullable(),
    },
    { on: 'A vessel is fitted' },
  ).nullable(),
  sensor: group(
    {
      range_bar: pressure('Range on its label', 'Read it on the sensor itself'),
      by: choice('The difference is measured by', DIFFERENCE_BY, {
        open: 'Not said',
        hint: 'Two: the range above is the one of the discharge',
        ...ofDifference,
      }).optional(),
      second_bar: figure('Range of the one at the inlet', 'pressure', {
        max: 100,
        hint: 'Where there are two: from its own label',
        ...ofDifference,
      }).optional(),
    },
    { on: 'A sensor is fitted' },
  ).nullable(),
  others: wholes('Addresses that other drives on its cable have', addressSchema).max(30),
  ...pricesOf,
  choices: group(
    {
      sharing: choice('Several share the demand', SHARING_WORDS, {
        open: 'As is cheaper',
        hint: 'What each takes is shown below',
      }).optional(),
      afterCut: choice('After a power cut', AFTER_CUT, {
        open: 'As is safe',
        hint: 'Waits where a start may surprise someone',
      }).optional(),
      afterFault: choice('After a fault', AFTER_CUT, { open: 'As is safe' }).optional(),
      lift: described(z.boolean(), {
        label: 'The set pressure',
        open: 'Stays the same',
        options: [{ value: 'yes', label: 'Rises with demand' }],
        place: ifChosen,
      }).optional(),
      // a reaction that does not protect it, and why it is wanted
      dry: group(
        {
          reaction: choice('But to', { warn: 'warn', ignore: 'run on' }),
          why: described(z.string(), { label: 'Why: only stopping protects the pump' }),
        },
        { on: 'Dry, it is not to stop' },
      ).optional(),
    },
    { order: ['sharing', 'lift', 'afterCut', 'afterFault', 'dry'] },
  ),
});

/** What a drive is to do. */
export const driveDutySchema = driveDutyObject.superRefine(
  ({ holds, draw, inlet, pump, sensor, choices, vessel }, context) => {
    const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    if (draw.usual_m3h < draw.least_m3h)
      complain(['draw', 'usual_m3h'], 'The usual draw cannot be below the minimum.');
    if (draw.greatest_m3h < draw.usual_m3h)
      complain(['draw', 'greatest_m3h'], 'The maximum demand cannot be below the usual.');
    if (draw.leak_m3h !== null && draw.leak_m3h >= draw.greatest_m3h)
      complain(['draw', 'leak_m3h'], 'The leak cannot be as much as the maximum demand.');
    if (inlet.greatest_bar < inlet.least_bar)
      complain(['inlet', 'greatest_bar'], 'The maximum pressure cannot be below the minimum.');
    if (pump.least_hz >= pump.rated_hz)
      complain(['pump', 'least_hz'], 'The minimum frequency must lie below the rated one.');
    if (pump.oneOut && pump.count === 1)
      complain(['pump', 'oneOut'], 'With one pump nothing is left when it is out.');
    if (holds.kind === 'signal' && holds.least_hz >= holds.most_hz)
      complain(['holds', 'most_hz'], 'The maximum frequency must lie above the minimum.');
    if ((holds.kind === 'pressure' || holds.kind === 'difference') && sensor === null)
      complain(['sensor', 'range_bar'], 'What it holds needs a sensor: enter the range on its label.');
    if (sensor?.by === 'two' && sensor.second_bar === undefined)
      complain(['sensor', 'second_bar'], 'Two sensors measure it: enter the range of the one at the inlet.');
    if (vessel && vessel.precharge_bar === 0)
      complain(
        ['vessel', 'precharge_bar'],
        'A vessel without pre-charge holds no water back: measure it empty of water, or leave it empty.',
      );
    if (choices.dry && choices.dry.why.trim() === '')
      complain(
        ['choices', 'dry', 'why'],
        'Only stopping protects the pump: say why another reaction is required.',
      );
  },
);
export type DriveDuty = z.infer<typeof driveDutySchema>;
