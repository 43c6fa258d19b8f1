import { z } from 'zod';
import {
  choice,
  described,
  figure,
  group,
  type Look,
  minute,
  months,
  numbers,
  percent,
  rows,
  tick,
  weekDays,
  whole,
  word,
  zeroIfBlank,
} from '../../../describe';
import { capital } from '../../../words';
import { SHAPES } from '../../../hydraulics';
import { DAY_MIN, DAYS, timeOfDay } from '../../../time';
import type { Quantity } from '../../../units';

/** A figure from nil up. */
const orNil = { least: 0 } as const;
/** Nil where nobody entered it. */
const nilIfBlank = (quantity: Quantity) => ({ ...orNil, place: zeroIfBlank(quantity) });
const speed = (label: string) => figure(label, 'speed', { unit: 'rev/min' });
const onDays = weekDays('On', z.string().regex(DAYS, 'Name the days, each once.'));
/** Each of some names is one that stands elsewhere in the duty. */
const circuitNames = (look: Look) => look.names('circuits').map((name) => ({ value: name, label: name }));
/** A name of the site's own. */
const called = (label: string, missing: string, hint?: string) =>
  described(z.string().min(1, missing).max(60), { label, hint, place: word });

const SHAPE_WORDS = { rectangle: 'rectangle', oval: 'oval', round: 'round', kidney: 'kidney' };

const shape = group({
  shape: described(z.enum(SHAPES), {
    label: 'Shape',
    options: SHAPES.map((value) => ({ value, label: capital(SHAPE_WORDS[value]) })),
  }),
  length_m: figure((look) => (look.here('shape') === 'round' ? 'Across' : 'Length'), 'length'),
  width_m: figure((look) => (look.here('shape') === 'kidney' ? 'Both widths added' : 'Width'), 'length', {
    ...nilIfBlank('length'),
    shown: (look) => look.here('shape') !== 'round',
  }),
}).refine((one) => one.shape === 'round' || one.width_m > 0, {
  path: ['width_m'],
  message: 'The width must be more than 0.',
});

/** A tub turned over by the pool's filter is no tub turned over: with several waters each names its own circuits. */
function namesItsOwn(look: Look): boolean {
  const several = look.rows('bodies').length > 1 && look.names('circuits').length > 1;
  return several || look.here('circuits') !== '';
}

export const bodySchema = group({
  name: called('Name', 'Give the water a name.'),
  kind: choice('Kind', { pool: 'pool', tub: 'tub' }),
  shapes: rows('Add a shape', shape, {
    least: 1,
    most: Infinity,
    tooFew: 'Enter at least one shape.',
    start: { shape: 'rectangle' },
  }),
  depth_m: figure('Mean depth', 'length'),
  turnoversPerDay: figure('Turnovers a day', 'plain', {
    ...orNil,
    most: 100,
    hint: 'By local code or operator',
  }),
  /** names of the circuits that turn it over; all that move water where none is named */
  circuits: described(z.array(z.string().min(1).max(60)).max(20), {
    label: 'Turned over by these circuits; by all that move water where none is ticked',
    options: circuitNames,
    shown: namesItsOwn,
  }).optional(),
});
export type BodyOfWater = z.infer<typeof bodySchema>;

const CIRCUIT_WORDS = {
  filter: 'filter',
  spa: 'spa',
  cleaner: 'cleaner',
  feature: 'water feature',
  heater: 'heater',
  solar: 'roof solar',
  chlorinator: 'chlorinator',
  own: 'the site’s own',
  /** lights, an outlet: the panel times it, and it moves no water */
  'no-water': 'no water (lights, an outlet)',
} as const;

const circuit = group(
  {
    name: called('Name, as the site calls it', 'Give the circuit a name.'),
    kind: choice('Kind', CIRCUIT_WORDS),
    leastFlow_m3h: figure('Minimum flow', 'waterFlow', nilIfBlank('waterFlow')),
    /** lift of its water above the pool, m: a roof */
    static_m: figure('Lifts water by', 'length', { ...nilIfBlank('length'), hint: 'Of a roof; else blank' }),
    /** its pipes stand in the frost */
    exposed: tick('Its pipes stand in the frost'),
    /** its place in the panel's list; null where no panel switches it */
    place: whole('Place in the panel', {
      least: 1,
      most: Infinity,
      hint: 'Blank without a panel',
    }).nullable(),
  },
  { order: ['name', 'kind', 'leastFlow_m3h', 'static_m', 'place', 'exposed'] },
);
export type Circuit = z.infer<typeof circuit>;

/** What a circuit needs of each day. */
const need = group({
  /** name of the circuit */
  circuit: described(z.string().min(1), { label: 'Circuit', options: circuitNames }),
  days: onDays,
  from: minute('Between', { hint: 'e.g. 10:00' }),
  to: minute('and'),
  /** hours within the window; null: all of it */
  hours: figure('For', 'hours', { most: 24, hint: 'Blank: all of it' }).nullable(),
});
export type Need = z.infer<typeof need>;

const tariffWindow = group(
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

/** A program as it is meant, before it has a slot. */
const wantedProgram = group({
  name: z.string().max(60),
  days: onDays,
  start: minute('The start').max(DAY_MIN - 1, 'A start lies before 24:00.'),
  stop: minute('The stop').max(DAY_MIN - 1, 'Midnight is 0:00.'),
  speed_rpm: speed('The speed'),
  /** name of the circuit it runs; null where the speed alone counts */
  circuit: z.string().nullable(),
});
export type WantedProgram = z.infer<typeof wantedProgram>;

/** A run that someone starts by hand, and that ends by itself. */
const timedRun = group({
  name: called('Called', 'Give the run a name.', 'By the site’s own word'),
  speed_rpm: speed('At'),
  minutes: described(
    z
      .int('The length must be in whole minutes.')
      .min(1, 'A run lasts a minute at least.')
      .max(DAY_MIN - 1, 'A run is shorter than a day.'),
    { label: 'For', quantity: 'minutes' },
  ),
});
export type TimedRun = z.infer<typeof timedRun>;

const linked = group({
  kind: choice('Needs the water moving', {
    dosing: 'dosing',
    heater: 'heater',
    chlorinator: 'chlorinator',
    cleaner: 'cleaner',
  }),
  name: called('Name', 'Give it a name.'),
});

const point = group(
  {
    speed_rpm: speed('Speed'),
    flow_m3h: figure('Flow', 'waterFlow', orNil),
    head_m: figure('Head, where water is lifted', 'length', orNil).nullable(),
    power_W: figure('Power', 'power'),
  },
  { order: ['speed_rpm', 'flow_m3h', 'power_W', 'head_m'] },
);

const heat = group(
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
    afterRun_min: figure('After-run', 'minutes', nilIfBlank('minutes')),
    startDifference_K: figure('Roof starts at', 'difference'),
    stopDifference_K: figure('Roof stops at', 'difference', orNil),
    heater_kW: figure('Heater', 'heat').optional(),
    /** collector on the roof */
    roof_m2: figure('Roof collector', 'area').optional(),
  },
  { on: 'The water is heated' },
);

/** What a pool pump has to do, and what it stands in. */
export const poolDutySchema = group({
  family: z.literal('pool'),
  bodies: rows('Add a body of water', bodySchema, {
    least: 1,
    most: Infinity,
    tooFew: 'Enter the body of water.',
    start: { kind: 'tub', shapes: [{ shape: 'round' }] },
  }),
  points: rows('Add a point', point, {
    least: 1,
    most: Infinity,
    tooFew: 'Enter at least one point of the pump.',
  }),
  pointsFrom: choice('Points are', { measured: 'measured', plate: 'from plate or curve' }),
  /** flow with the filter as it is before its next wash, as a share of the points' flow; 1 when they were taken so */
  beforeWash: described(
    z
      .number({ error: 'The share must be a number.' })
      .gt(0, 'The share must be more than 0.')
      .max(1, 'A dirty filter lets through no more than a clean one.'),
    {
      label: 'Flow with a dirty filter, of these points',
      quantity: 'percent',
      unit: '%',
      place: percent,
      hint: '100 where they were taken with a dirty filter',
    },
  ),
  limits: group(
    {
      filter_m3h: figure('Filter’s rated flow', 'waterFlow').nullable(),
      /** a safety limit: more traps people at the suction */
      cover_m3h: figure('Suction cover’s rated flow', 'waterFlow').nullable(),
      suction_mm: figure('Suction pipe, bore', 'bore').nullable(),
      return_mm: figure('Return pipe, bore', 'bore').nullable(),
    },
    {
      caution:
        'The suction cover’s rating is on the cover itself. Too much flow there holds people under water.',
    },
  ),
  circuits: rows('Add a circuit', circuit, {
    least: 1,
    most: Infinity,
    tooFew: 'Enter at least one circuit.',
    start: { kind: 'own' },
  }),
  needs: rows('Add hours for a circuit', need, { most: Infinity, start: { days: '1234567' } }),
  timedRuns: rows('Add a run that ends by itself', timedRun, { most: 8 }).optional(),
  quiet: group(
    {
      from: minute('Quiet from'),
      to: minute('to'),
      greatest_rpm: speed('At most'),
    },
    { on: 'There are quiet hours' },
  ).nullable(),
  longestPause_min: figure('Longest pause', 'minutes', {
    ...orNil,
    hint: 'Local code or operator',
  }).nullable(),
  leastFlow_m3h: figure('Never less than', 'waterFlow', orNil).nullable(),
  leastRun_min: figure('Shortest run', 'minutes', nilIfBlank('minutes')),
  tariff: group({
    currency: described(z.string().min(1, 'Name the currency.').max(12), { label: 'Currency', place: word }),
    windows: rows('Add a window', tariffWindow, {
      least: 1,
      most: 60,
      tooFew: 'Enter at least one price.',
      start: { days: '1234567' },
    }),
  }),
  command: choice('Who commands the pump', {
    own: 'its own programs',
    relay: 'relay contacts',
    link: 'a data link',
  }),
  /** other addresses on its link */
  otherAddresses: described(z.array(z.int().min(0).max(255)), {
    label: 'Addresses of other pumps on the link',
    place: numbers,
    hint: 'With commas between them',
  }),
  linked: rows('Add a linked device', linked, { most: Infinity, start: { kind: 'dosing' } }),
  /** null while nobody said: then frost guard is left as it is */
  winter: choice('Winters are', { none: 'free of frost', light: 'light', hard: 'hard' }).nullable(),
  /** a frosty night to reckon with */
  frostNight: group({
    hours: figure('A frosty night has', 'hours', { hint: 'Below the guard’s temperature' }),
    perYear: figure('Such nights a year', 'plain', nilIfBlank('plain')),
  }),
  heat: heat.nullable(),
  chlorinator: group(
    {
      rated_gph: figure('Rated output', 'massRate'),
      needed_gpd: figure('Needed a day', 'mass', { ...orNil, unit: 'g' }),
      /** below this water its maker lets it idle */
      cold_C: described(z.number(), { label: 'Idles below', quantity: 'temperature', hint: 'By its maker' }),
    },
    { on: 'A salt cell makes chlorine' },
  ).nullable(),
  /** water now, °C; null when nobody measured */
  water_C: described(z.number(), { label: 'Water now', quantity: 'temperature' }).nullable(),
  place: group({
    /** children or guests can reach its keys */
    childrenReach: tick('Children or guests can reach its keys'),
    /** others can reach its menu */
    othersReach: tick('Others can reach its menu'),
  }),
  /** a school that nobody chose is left to the plan */
  choices: group({
    afterCut: choice(
      'After a power cut',
      { resume: 'goes on', wait: 'waits' },
      { hint: 'Circulation goes on by itself, unless a start can surprise someone' },
    ).optional(),
    priming: choice(
      'Priming',
      { sense: 'sense and stop', fixed: 'fixed time', off: 'off' },
      { hint: 'Sensing where it can; off is a finding' },
    ).optional(),
    frost: choice(
      'Against frost',
      {
        'move-water': 'move the water slowly',
        'full-speed': 'full speed',
        'drive-only': 'the drive alone',
        drain: 'drain down',
      },
      { hint: 'Low speed is enough to move water; it does not protect against a power cut' },
    ).optional(),
    keys: choice(
      'Slots that are front keys',
      { 'keep-free': 'keep them free', 'first-slots': 'use them first' },
      { hint: 'Keys stay free for runs by hand, unless chosen otherwise' },
    ).optional(),
  }),
  /** the programs agreed by hand or by the cheapest plan; null: one long slow run is made */
  programs: z.array(wantedProgram).max(60).nullable(),
}).superRefine((duty, context) => {
  const complain = (path: (string | number)[], message: string) =>
    context.addIssue({ code: 'custom', path, message });
  const names = duty.circuits.map(({ name }) => name);
  names.forEach((name, i) => {
    if (names.indexOf(name) !== i) complain(['circuits', i, 'name'], `There are two circuits “${name}”.`);
  });
  duty.bodies.forEach(({ circuits = [] }, i) => {
    const unknown = circuits.find((name) => !names.includes(name));
    if (unknown !== undefined) {
      complain(['bodies', i, 'circuits'], `There is no circuit “${unknown}”.`);
    }
    if (circuits.some((name) => duty.circuits.find((one) => one.name === name)?.kind === 'no-water')) {
      complain(['bodies', i, 'circuits'], 'A circuit without water turns nothing over.');
    }
  });
  if (duty.circuits.every(({ kind }) => kind === 'no-water')) {
    complain(['circuits', 0, 'kind'], 'At least one circuit must move water.');
  }
  duty.needs.forEach((need, i) => {
    if (!names.includes(need.circuit)) {
      complain(['needs', i, 'circuit'], `There is no circuit “${need.circuit}”.`);
    }
    if (need.to <= need.from) complain(['needs', i, 'to'], 'The window must end after it begins.');
    else if (need.hours !== null && need.hours * 60 > need.to - need.from) {
      complain(
        ['needs', i, 'hours'],
        `${need.hours} h do not fit between ${timeOfDay(need.from)} and ${timeOfDay(need.to)}.`,
      );
    }
  });
  duty.points.forEach(({ head_m }, i) => {
    if (head_m === null && duty.circuits.some(({ static_m }) => static_m > 0)) {
      complain(['points', i, 'head_m'], 'A circuit lifts water: enter the head at each point.');
    }
  });
  if (duty.points.every(({ flow_m3h }) => flow_m3h === 0)) {
    complain(['points', 0, 'flow_m3h'], 'At least one point must have a flow.');
  }
  if (duty.heat && duty.heat.pool_C > duty.heat.warmest_C) {
    complain(['heat', 'pool_C'], 'The set point lies above the warmest that is allowed.');
  }
  if (duty.heat?.tub_C && duty.heat.tub_C > duty.heat.warmest_C) {
    complain(['heat', 'tub_C'], 'The set point lies above the warmest that is allowed.');
  }
  if (duty.heat && duty.heat.stopDifference_K >= duty.heat.startDifference_K) {
    complain(['heat', 'stopDifference_K'], 'Stop must be below start, or it never settles.');
  }
});
export type PoolDuty = z.infer<typeof poolDutySchema>;

/** The chosen schools with the defaults where nothing was chosen. */
export function poolChoices(duty: PoolDuty): Required<PoolDuty['choices']> {
  return { afterCut: 'resume', priming: 'sense', frost: 'move-water', keys: 'keep-free', ...duty.choices };
}
