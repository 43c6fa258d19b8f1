import { z } from 'zod';
import { SHAPES } from '../../../hydraulics';
import { DAY_MIN, DAYS, timeOfDay } from '../../../time';
import { notNegative, positive } from '../../parts/duty-figures';

const minute = (what: string) =>
  z
    .int(`${what} must be a time of day.`)
    .min(0, `${what} cannot be before 0:00.`)
    .max(DAY_MIN, `${what} cannot be after 24:00.`);
const daysSchema = z.string().regex(DAYS, 'Name the days, each once.');

export const bodySchema = z
  .object({
    name: z.string().min(1, 'Give the water a name.').max(60),
    kind: z.enum(['pool', 'tub']),
    shapes: z
      .array(
        z
          .object({
            shape: z.enum(SHAPES),
            length_m: positive('The length'),
            width_m: notNegative('The width'),
          })
          .strict()
          .refine(({ shape, width_m }) => shape === 'round' || width_m > 0, {
            path: ['width_m'],
            message: 'The width must be more than 0.',
          }),
      )
      .min(1, 'Enter at least one shape.'),
    depth_m: positive('The mean depth'),
    turnoversPerDay: notNegative('The turnovers').max(100, 'More than 100 turnovers a day are none.'),
    /** names of the circuits that turn it over; all that move water where none is named */
    circuits: z.array(z.string().min(1).max(60)).max(20).optional(),
  })
  .strict();
export type BodyOfWater = z.infer<typeof bodySchema>;

export const CIRCUIT_KINDS = [
  'filter',
  'spa',
  'cleaner',
  'feature',
  'heater',
  'solar',
  'chlorinator',
  'own',
  /** lights, an outlet: the panel times it, and it moves no water */
  'no-water',
] as const;

export const circuitSchema = z
  .object({
    name: z.string().min(1, 'Give the circuit a name.').max(60),
    kind: z.enum(CIRCUIT_KINDS),
    leastFlow_m3h: notNegative('The least flow'),
    /** lift of its water above the pool, m: a roof */
    static_m: notNegative('The lift'),
    /** its pipes stand in the frost */
    exposed: z.boolean(),
    /** its place in the panel's list; null where no panel switches it */
    place: z.int().min(1).nullable(),
  })
  .strict();
export type Circuit = z.infer<typeof circuitSchema>;

/** What a circuit needs of each day. */
export const needSchema = z
  .object({
    /** name of the circuit */
    circuit: z.string().min(1),
    days: daysSchema,
    from: minute('The start'),
    to: minute('The end'),
    /** hours within the window; null: all of it */
    hours: positive('The hours').max(24, 'A day has 24 hours.').nullable(),
  })
  .strict();
export type Need = z.infer<typeof needSchema>;

export const tariffWindowSchema = z
  .object({
    days: daysSchema,
    months: z
      .tuple([z.int().min(1).max(12), z.int().min(1).max(12)], { error: 'Months run from 1 to 12.' })
      .nullable(),
    from: minute('A window'),
    to: minute('A window'),
    price: z.number({ error: 'A price must be a number.' }),
  })
  .strict();

/** A program as it is meant, before it has a slot. */
export const wantedProgramSchema = z
  .object({
    name: z.string().max(60),
    days: daysSchema,
    start: minute('The start').max(DAY_MIN - 1, 'A start lies before 24:00.'),
    stop: minute('The stop').max(DAY_MIN - 1, 'Midnight is 0:00.'),
    speed_rpm: positive('The speed'),
    /** name of the circuit it runs; null where the speed alone counts */
    circuit: z.string().nullable(),
  })
  .strict();
export type WantedProgram = z.infer<typeof wantedProgramSchema>;

/** A run that someone starts by hand, and that ends by itself. */
export const timedRunSchema = z
  .object({
    name: z.string().min(1, 'Give the run a name.').max(60),
    speed_rpm: positive('The speed'),
    minutes: z
      .int('The length must be in whole minutes.')
      .min(1, 'A run lasts a minute at least.')
      .max(DAY_MIN - 1, 'A run is shorter than a day.'),
  })
  .strict();
export type TimedRun = z.infer<typeof timedRunSchema>;

export const LINKED = ['dosing', 'heater', 'chlorinator', 'cleaner'] as const;

/** What a pool pump has to do, and what it stands in. */
export const poolDutySchema = z
  .object({
    family: z.literal('pool'),
    bodies: z.array(bodySchema).min(1, 'Enter the body of water.'),
    points: z
      .array(
        z
          .object({
            speed_rpm: positive('Each speed'),
            flow_m3h: notNegative('Each flow'),
            head_m: notNegative('Each head').nullable(),
            power_W: positive('Each power'),
          })
          .strict(),
      )
      .min(1, 'Enter at least one point of the pump.'),
    pointsFrom: z.enum(['measured', 'plate']),
    /** flow with the filter as it is before its next wash, as a share of the points' flow; 1 when they were taken so */
    beforeWash: z
      .number({ error: 'The share must be a number.' })
      .gt(0, 'The share must be more than 0.')
      .max(1, 'A dirty filter lets through no more than a clean one.'),
    limits: z
      .object({
        filter_m3h: positive('The filter’s rated flow').nullable(),
        /** a safety limit: more traps people at the suction */
        cover_m3h: positive('The suction cover’s rated flow').nullable(),
        suction_mm: positive('The suction pipe’s bore').nullable(),
        return_mm: positive('The return pipe’s bore').nullable(),
      })
      .strict(),
    circuits: z.array(circuitSchema).min(1, 'Enter at least one circuit.'),
    needs: z.array(needSchema),
    timedRuns: z.array(timedRunSchema).max(8, 'At most eight runs by hand.').optional(),
    quiet: z
      .object({ from: minute('The start'), to: minute('The end'), greatest_rpm: positive('The speed cap') })
      .strict()
      .nullable(),
    longestPause_min: notNegative('The longest pause').nullable(),
    leastFlow_m3h: notNegative('The least continuous flow').nullable(),
    leastRun_min: notNegative('The shortest run'),
    tariff: z
      .object({
        currency: z.string().min(1, 'Name the currency.').max(12),
        windows: z.array(tariffWindowSchema).min(1, 'Enter at least one price.').max(60),
      })
      .strict(),
    command: z.enum(['own', 'relay', 'link']),
    /** other addresses on its link */
    otherAddresses: z.array(z.int().min(0).max(255)),
    linked: z.array(z.object({ kind: z.enum(LINKED), name: z.string().min(1).max(60) }).strict()),
    /** null while nobody said: then frost guard is left as it is */
    winter: z.enum(['none', 'light', 'hard']).nullable(),
    /** a frosty night to reckon with */
    frostNight: z
      .object({ hours: positive('The hours of frost'), perYear: notNegative('The nights') })
      .strict(),
    heat: z
      .object({
        source: z.enum(['off', 'solar', 'solar-first', 'heater', 'heat-pump']),
        pool_C: z.number(),
        tub_C: z.number().nullable(),
        /** the warmest that is allowed */
        warmest_C: z.number(),
        /** minutes the water runs on after the heater has stopped */
        afterRun_min: notNegative('The after-run'),
        startDifference_K: positive('The start difference'),
        stopDifference_K: notNegative('The stop difference'),
        heater_kW: positive('The heater’s output').optional(),
        /** collector on the roof */
        roof_m2: positive('The roof collector').optional(),
      })
      .strict()
      .nullable(),
    chlorinator: z
      .object({
        rated_gph: positive('The rated output'),
        needed_gpd: notNegative('The need'),
        /** below this water its maker lets it idle */
        cold_C: z.number(),
      })
      .strict()
      .nullable(),
    /** water now, °C; null when nobody measured */
    water_C: z.number().nullable(),
    place: z
      .object({
        /** children or guests can reach its keys */
        childrenReach: z.boolean(),
        /** others can reach its menu */
        othersReach: z.boolean(),
      })
      .strict(),
    choices: z
      .object({
        afterCut: z.enum(['resume', 'wait']).optional(),
        priming: z.enum(['sense', 'fixed', 'off']).optional(),
        frost: z.enum(['move-water', 'full-speed', 'drive-only', 'drain']).optional(),
        keys: z.enum(['keep-free', 'first-slots']).optional(),
      })
      .strict(),
    /** the programs agreed by hand or by the cheapest plan; null: one long slow run is made */
    programs: z.array(wantedProgramSchema).max(60).nullable(),
  })
  .strict()
  .superRefine((duty, context) => {
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
