import { z } from 'zod';
import { DAY_MIN, timeOfDay } from '../../time';
import {
  checkedTariff,
  daySums,
  OVERLAP_RULES,
  resolveDay,
  type OverlapRule,
  type Segment,
} from '../../schedule';
import { choice, figure, line, positive, rows } from '../fields';
import { pointInput } from '../heat-and-head/flow-point';
import type { Tool } from '../tool';

const minute = (what: string) =>
  z
    .number({ error: `${what} must be a time.` })
    .min(0, `${what} cannot be before 0:00.`)
    .max(DAY_MIN, `${what} cannot be after 24:00.`);

const programInput = z.object({
  slot: z.int().positive('Slots count from 1.'),
  start: minute('A start').max(DAY_MIN - 1, 'A start lies before 24:00.'),
  stop: minute('A stop'),
  speed: positive('Each speed'),
  enabled: z.boolean().optional(),
});

/** A program may also come as [start, stop, speed]: its slot is its place then. */
const programsInput = z.preprocess(
  (given) =>
    Array.isArray(given)
      ? given.map((row: unknown, i) =>
          Array.isArray(row) ? { slot: i + 1, start: row[0], stop: row[1], speed: row[2] } : row,
        )
      : given,
  z.array(programInput).min(1, 'Enter at least one program.').max(100, 'At most 100 programs.'),
);

export const programsToolInput = z.object({
  programs: programsInput,
  rule: z.enum(OVERLAP_RULES),
  point: pointInput,
  exponent: z.number().min(1, 'Power grows at least with speed.').max(4, 'No pump grows faster than that.'),
  /** [from, to, price a kWh] */
  prices: z
    .array(z.tuple([minute('A window'), minute('A window'), z.number()]))
    .min(1, 'Enter at least one price.')
    .max(100, 'At most 100 prices.'),
});

export interface ProgramsOutput {
  segments: [number, number, number | null][];
  /** slots that never have the pump though they are enabled */
  never: number[];
  run_min: number;
  volume_m3: number;
  energy_kwh: number;
  cost: number;
}

const RULE_WORDS: Readonly<Record<OverlapRule, string>> = {
  'latest-start': 'The latest start',
  'highest-speed': 'The highest speed',
  'first-slot': 'The first slot',
  'last-slot': 'The last slot',
};

export const programsTool: Tool<typeof programsToolInput, ProgramsOutput> = {
  id: 'programs',
  group: 'money',
  name: 'Programs of a day',
  about:
    'What truly runs when programs overlap, by the controller’s own rule; what it moves and costs in a day.',
  input: programsToolInput,
  fields: [
    rows(
      'programs',
      'Programs',
      3,
      '7:00 17:00 1500\n12:00 14:00 2600\n22:00 6:00 1100\n13:00 15:00 900',
      'A line a slot: start, stop, rev/min. Start = stop is off.',
    ),
    choice('rule', 'Where they overlap, this one has the pump', 'latest-start', () =>
      OVERLAP_RULES.map((value) => ({ value, label: RULE_WORDS[value] })),
    ),
    figure('point.speed', 'Measured at', 'speed', '2000'),
    figure('point.flow_m3h', 'Flow there', 'waterFlow', '11.5'),
    figure('point.power_w', 'Power there', 'power', '420'),
    figure('exponent', 'Power grows with speed to the power of', 'plain', '2.8'),
    rows(
      'prices',
      'Prices',
      3,
      '0:00 6:45 0.19\n6:45 17:15 0.27\n17:15 21:15 0.46\n21:15 24:00 0.19',
      'A line a window: from, to, price a kWh; the whole day once.',
    ),
  ],
  run: ({ programs, rule, point, exponent, prices }) => {
    const tariff = checkedTariff(prices.map(([from, to, price]) => ({ from, to, price })));
    const segments = resolveDay(programs, rule);
    const measured = { speed_rpm: point.speed, flow_m3h: point.flow_m3h, power_W: point.power_w };
    const sums = daySums(segments, measured, exponent, tariff);
    return {
      segments: merged(segments),
      never: programs
        .filter((program) => segments.some(({ suppressed }) => suppressed.includes(program)))
        .filter((program) => !segments.some((segment) => segment.program === program))
        .map(({ slot }) => slot),
      run_min: sums.run_min,
      volume_m3: sums.volume_m3,
      energy_kwh: sums.energy_kWh,
      cost: sums.cost,
    };
  },
  answer: ({ segments, never, run_min, volume_m3, energy_kwh, cost }) => ({
    main: line('Moved in a day', volume_m3, 'm³', 1),
    lines: [
      line('Energy', energy_kwh, 'kWh a day', 2),
      line('Cost', cost, 'a day, in the currency of the prices', 2),
      line('Runs', run_min / 60, 'h a day', 1),
      ...segments.map(([from, to, slot]) => ({
        label: `${timeOfDay(from)} to ${timeOfDay(to)}`,
        value: slot === null ? 'stands' : `slot ${slot}`,
        unit: '',
      })),
    ],
    verdict:
      never.length > 0
        ? { good: false, words: `Never has the pump: slot ${never.join(', slot ')}.` }
        : { good: true, words: 'No program is wholly suppressed.' },
  }),
};

/** Stretches by who has the pump alone: what is suppressed does not part them. */
function merged(segments: readonly Segment[]): [number, number, number | null][] {
  const out: [number, number, number | null][] = [];
  for (const { from, to, program } of segments) {
    const slot = program?.slot ?? null;
    const last = out[out.length - 1];
    if (last && last[2] === slot) last[1] = to;
    else out.push([from, to, slot]);
  }
  return out;
}
