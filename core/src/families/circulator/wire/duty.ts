import { z } from 'zod';
import { addressSchema } from '../../parts/behaviours';
import { curvePoints, notNegative, positive, powerPoints } from '../../parts/duty-figures';

/** What the circulator serves. */
export const SYSTEMS = [
  'radiators',
  'underfloor',
  'primary',
  'cooling',
  'hot-water',
  'solar',
  'unknown',
] as const;
export type SystemKind = (typeof SYSTEMS)[number];

/** How the two of a twin work: one waits; they take turns; the second joins on demand; both always. */
export const TWIN_WAYS = ['standby', 'alternate', 'on-demand', 'always'] as const;
export type TwinWay = (typeof TWIN_WAYS)[number];

/** Beyond this the curve of a pump for water holds no more, mm²/s. */
export const THICKEST_mm2s = 10;

const carrierSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('water') }).strict(),
  z
    .object({
      kind: z.literal('mixture'),
      density_kgm3: positive('The density', 2000),
      heat_kJkgK: positive('The heat capacity', 10),
      viscosity_mm2s: positive('The viscosity', 10_000),
    })
    .strict(),
]);

/** What tells the pump to run, and how fast. */
const controlSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('own') }).strict(),
  z
    .object({
      kind: z.literal('volts'),
      /** what the site's controller sends: at rest, to start, for full speed */
      off_V: notNegative('The voltage at rest', 24),
      on_V: positive('The voltage that starts', 24),
      full_V: positive('The voltage of full speed', 24),
    })
    .strict(),
  z
    .object({
      kind: z.literal('sensor'),
      /** range on the label of the differential sensor, from nil */
      range_bar: positive('The range on the sensor', 100),
    })
    .strict(),
  z
    .object({
      kind: z.literal('link'),
      /** addresses that others on it have */
      others: z.array(addressSchema).max(250),
      /** what is wanted of the pump when the link falls silent; null while nobody decided */
      silent: z.enum(['own-mode', 'stop']).nullable(),
    })
    .strict(),
]);

/** A hot-water return: what its pipe loses, and what local code or the operator asks for. */
const hotWaterSchema = z
  .object({
    pipe_m: positive('The length of the pipe'),
    loss_Wm: positive('The loss of each metre', 1000),
    supply_C: positive('The supply', 95),
    /** coolest that the return may come back */
    coolest_C: positive('The coolest return', 95),
    /** longest that the water may stand; 0 where it may not */
    longestPause_min: notNegative('The longest pause', 1440),
  })
  .strict();
export type HotWater = z.infer<typeof hotWaterSchema>;

/** A return gives up no more than this between supply and return, K. */
export const RETURN_MOST_K = 5;

/** What a circulator is to do. */
export const circulatorDutySchema = z
  .object({
    family: z.literal('circulator'),
    system: z.enum(SYSTEMS),
    heat_kW: positive('The heat', 50_000),
    difference_K: positive('The difference', 100),
    carrier: carrierSchema,
    /** loss of the least favourable circuit at the greatest flow */
    index: z
      .object({
        head_m: positive('The head of the index circuit', 200),
        from: z.enum(['stated', 'measured']),
        /** share of it that is lost before the first branch; left out where nobody knows: then by the system */
        before: z
          .number({ error: 'The share must be a number.' })
          .min(0)
          .max(1, 'A share lies between 0 and 1.')
          .optional(),
      })
      .strict(),
    valves: z
      .object({
        /** every valve of it may be shut at one time */
        allMayShut: z.boolean(),
        /** what still flows then, by a bypass; null where nobody knows of any */
        leastFlow_m3h: notNegative('The least flow').nullable(),
      })
      .strict(),
    pump: z
      .object({
        curve: curvePoints(500),
        power: powerPoints(50_000),
        /** least speed, as a share of the greatest */
        leastShare: positive('The least speed', 1),
        least_W: notNegative('The least power', 50_000),
      })
      .strict(),
    pipe: z
      .object({ bore_mm: positive('The bore', 2000), material: z.enum(['steel', 'copper', 'plastic']) })
      .strict()
      .nullable(),
    /** pressure at the pump's inlet with the system cold and standing; null while nobody read it */
    inlet_bar: z.number({ error: 'The pressure must be a number.' }).min(-1).max(100).nullable(),
    hotWater: hotWaterSchema.nullable().optional(),
    /** two alike pumps in one body; left out on a single one. What its flap does: tight, leaks, missing, or nobody knows */
    twin: z
      .object({ flap: z.enum(['tight', 'leaks', 'missing', 'unknown']) })
      .strict()
      .optional(),
    control: controlSchema,
    /** the start contact: nothing wired with its link in, wired, or neither */
    contact: z.enum(['link', 'wired', 'open', 'none']),
    /** what the site puts on its fault contact, and what it takes for a fault; left out where nothing is wired */
    alarm: z
      .object({
        volts_V: positive('The voltage', 1000),
        amps_A: positive('The current', 100),
        onFault: z.enum(['opens', 'closes']),
      })
      .strict()
      .optional(),
    season_h: positive('The hours a year', 8784),
    price_kWh: notNegative('The price', 1000),
    currency: z.string().min(1, 'Which currency?').max(12),
    choices: z
      .object({
        /** a mode that is wanted instead of the proposed one */
        mode: z.enum(['fixed', 'constant', 'proportional', 'self', 'clock', 'temperature']).optional(),
        afterCut: z.enum(['resume', 'wait']).optional(),
        /** how the two of a twin are to work, instead of what is proposed */
        twin: z.enum(TWIN_WAYS).optional(),
      })
      .strict(),
  })
  .strict()
  .superRefine(({ control, system, difference_K, hotWater }, context) => {
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
