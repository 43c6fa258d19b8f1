import { z } from 'zod';
import {
  answeredOver,
  choice,
  described,
  figure,
  group,
  minute,
  numbers,
  percent,
  rows,
  tick,
  word,
} from '../../../describe';
import { timeOfDay } from '../../../time';
import { orZero, orZeroIfBlank, speed } from './fields';
import { circuit, need } from './circuits';
import { heat, linked, point, tariffWindow } from './plant';
import { timedRun, wantedProgram } from './programs';
import { PUMP_SPEEDS, secondPump } from './second-pump';
import { bodySchema } from './water';

/** What a pool pump has to do, and what it stands in. */
export const poolDutySchema = group({
  family: z.literal('pool'),
  bodies: rows('Add a body of water', bodySchema, {
    min: 1,
    max: Infinity,
    tooFew: 'Enter the body of water.',
    start: { shapes: [{}] },
  }),
  points: rows('Add a point', point, {
    min: 1,
    max: Infinity,
    tooFew: 'Enter at least one point of the pump.',
  }),
  pointsFrom: choice('Points are', { measured: 'measured', plate: 'from plate or curve' }),
  /** flow with the filter as it is before its next wash, as a share of the points' flow; 1 when they were taken so */
  /** left out where nobody said: any speed is taken */
  pumpSpeeds: choice('The pump has', PUMP_SPEEDS, { open: 'Not said' }).optional(),
  second: secondPump.nullable().optional(),
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
    min: 1,
    max: Infinity,
    tooFew: 'Enter at least one circuit.',
  }),
  needs: rows('Add hours for a circuit', need, { max: Infinity }),
  timedRuns: rows('Add a run that ends by itself', timedRun, { max: 8 }).optional(),
  quiet: group(
    {
      from: minute('Quiet from'),
      to: minute('to'),
      greatest_rpm: speed('At most'),
    },
    { on: 'There are quiet hours' },
  ).nullable(),
  longestPause_min: figure('Longest pause', 'minutes', {
    ...orZero,
    hint: 'Local code or operator',
  }).nullable(),
  leastFlow_m3h: figure('Never less than', 'waterFlow', orZero).nullable(),
  leastRun_min: figure('Shortest run', 'minutes', orZeroIfBlank('minutes')),
  tariff: group({
    currency: described(z.string().min(1, 'Name the currency.').max(12), { label: 'Currency', place: word }),
    windows: rows('Add a window', tariffWindow, {
      min: 1,
      max: 60,
      tooFew: 'Enter at least one price.',
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
  linked: rows('Add a linked device', linked, { max: Infinity }),
  /** null while nobody said: then frost guard is left as it is */
  winter: choice('Winters are', { none: 'free of frost', light: 'light', hard: 'hard' }).nullable(),
  /** a frosty night to reckon with */
  frostNight: group({
    hours: figure('A frosty night has', 'hours', { hint: 'Below the guard’s temperature' }),
    perYear: figure('Such nights a year', 'plain', orZeroIfBlank('plain')),
  }),
  heat: heat.nullable(),
  chlorinator: group(
    {
      rated_gph: figure('Rated output', 'massRate'),
      needed_gpd: figure('Needed a day', 'mass', { ...orZero, unit: 'g' }),
      /** below this water its maker lets it idle */
      cold_C: described(z.number(), { label: 'Idles below', quantity: 'temperature', hint: 'By its maker' }),
      /** the salt that its maker wants in the water */
      salt: group({
        least_gl: figure('Salt, at least', 'strength', {
          max: 300,
          hint: 'By its maker; empty when not known',
        }),
        greatest_gl: figure('at most', 'strength', { max: 300 }),
      }).optional(),
    },
    { on: 'A salt cell makes chlorine' },
  ).nullable(),
  /** water now, °C; null when nobody measured */
  water_C: described(z.number(), {
    label: 'Water now',
    quantity: 'temperature',
    asRead: 'water_C',
  }).nullable(),
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
  if (duty.second && !names.includes(duty.second.circuit))
    complain(['second', 'circuit'], `There is no circuit “${duty.second.circuit}”.`);
  const cooled = duty.heat?.cooledTo_C;
  if (duty.heat && cooled !== undefined && cooled <= duty.heat.pool_C)
    complain(
      ['heat', 'cooledTo_C'],
      'What it is cooled to must lie above the set point, or it heats by day and cools by night.',
    );
  const salt = duty.chlorinator?.salt;
  if (salt && salt.greatest_gl <= salt.least_gl)
    complain(['chlorinator', 'salt', 'greatest_gl'], 'The maximum must be more than the minimum.');
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
  return answeredOver(
    { afterCut: 'resume', priming: 'sense', frost: 'move-water', keys: 'keep-free' } as const,
    duty.choices,
  );
}
