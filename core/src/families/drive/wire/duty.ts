import { z } from 'zod';
import { DAY_SHAPES, type DayShape } from '../../../bench';
import { SHARING } from '../../../hydraulics';
import { addressSchema } from '../../parts/behaviours';
import { curvePoints, notNegative, positive, powerPoints } from '../../parts/duty-figures';

/** Gauge pressure: a vacuum is below nil, and nothing is emptier than empty. */
const gauge = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(-1, `${what} cannot be below a vacuum.`)
    .max(100, `${what} cannot be above 100 bar.`);

/** What a drive holds. */
export const HOLDS = ['pressure', 'difference', 'speed', 'signal'] as const;
export type Holds = (typeof HOLDS)[number];

const holdsSchema = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('pressure'),
      tap_bar: positive('The pressure at the tap', 100),
      /** the least favourable tap above the sensor */
      above_m: z.number({ error: 'The height must be a number.' }).min(-500).max(500),
      /** loss of the pipe to it at the greatest draw */
      pipe_bar: notNegative('The loss of the pipe', 100),
    })
    .strict(),
  z.object({ kind: z.literal('difference'), set_bar: positive('The difference', 100) }).strict(),
  z.object({ kind: z.literal('speed'), set_hz: positive('The frequency', 400) }).strict(),
  z
    .object({
      kind: z.literal('signal'),
      /** frequency that is wanted at the least and at the greatest signal */
      least_hz: notNegative('The least frequency', 400),
      most_hz: positive('The greatest frequency', 400),
    })
    .strict(),
]);

const pumpSchema = z
  .object({
    /** of one pump at its rated frequency */
    curve: curvePoints(1000),
    power: powerPoints(500_000),
    rated_hz: positive('The rated frequency', 400),
    /** needed at the inlet at the greatest flow; null where the curve does not say */
    npsh_m: notNegative('The needed head at the inlet', 50).nullable(),
    count: z.int('A whole number of pumps.').min(1, 'One pump at least.').max(6, 'Six pumps at most.'),
    /** the greatest draw must be carried with one out */
    oneOut: z.boolean(),
    /** least frequency for its bearings and the cooling of its motor */
    least_hz: positive('The least frequency', 400),
    /** shortest time from standing to the rated frequency */
    ramp_s: positive('The ramp', 600),
    /** how long its seal may stand dry; null while nobody knows */
    dry_s: positive('The time that the seal stands dry', 3600).nullable(),
    /** most starts in an hour; null where the manual does not say */
    starts_h: positive('The starts in an hour', 1000).nullable(),
  })
  .strict();

/** What is known of a drive and what it feeds. */
const driveDutyObject = z
  .object({
    family: z.literal('drive'),
    holds: holdsSchema,
    draw: z
      .object({
        least_m3h: positive('The least draw'),
        usual_m3h: positive('The usual draw'),
        greatest_m3h: positive('The greatest draw'),
        day: z.enum(Object.keys(DAY_SHAPES) as [DayShape, ...DayShape[]]),
        /** what runs away all the time; null where nobody measured it */
        leak_m3h: notNegative('The leak').nullable(),
      })
      .strict(),
    inlet: z
      .object({ least_bar: gauge('The least pressure'), greatest_bar: gauge('The greatest pressure') })
      .strict(),
    water: z
      .object({
        temperature_C: z.number({ error: 'The temperature must be a number.' }).min(0).max(100),
        altitude_m: z.number({ error: 'The altitude must be a number.' }).min(-500).max(6000),
      })
      .strict(),
    /** water that fills the main behind it when it was empty; null where nobody knows */
    main_L: positive('The volume of the pipes', 1e6).nullable(),
    /** what a start could surprise: a hose, a spray, an open tap; empty where nothing */
    surprise: z.string().max(200, 'In 200 letters.'),
    pump: pumpSchema,
    rating: z
      .object({
        /** lowest pressure that anything downstream is made for */
        lowest_bar: positive('The lowest rating', 100),
        /** a relief valve, and at what it opens; null where there is none */
        relief_bar: positive('The relief valve', 100).nullable(),
      })
      .strict(),
    vessel: z
      .object({
        volume_L: positive('The vessel'),
        /** as measured empty of water; null while nobody measured it so */
        precharge_bar: notNegative('The pre-charge', 100).nullable(),
      })
      .strict()
      .nullable(),
    /** range on the label of the sensor, from nil; null where none is fitted */
    sensor: z
      .object({ range_bar: positive('The range on the sensor', 100) })
      .strict()
      .nullable(),
    /** addresses that other drives on its cable have */
    others: z.array(addressSchema).max(30),
    price_kWh: notNegative('The price', 1000),
    currency: z.string().min(1, 'Which currency?').max(12),
    choices: z
      .object({
        sharing: z.enum(SHARING).optional(),
        afterCut: z.enum(['resume', 'wait']).optional(),
        afterFault: z.enum(['resume', 'wait']).optional(),
        /** the set pressure falls with the draw */
        lift: z.boolean().optional(),
        /** a reaction to running dry that does not protect it, and why it is wanted */
        dry: z
          .object({ reaction: z.enum(['warn', 'ignore']), why: z.string() })
          .strict()
          .optional(),
      })
      .strict(),
  })
  .strict();

/** What a drive is to do. */
export const driveDutySchema = driveDutyObject.superRefine(
  ({ holds, draw, inlet, pump, sensor, choices, vessel }, context) => {
    const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    if (draw.usual_m3h < draw.least_m3h)
      complain(['draw', 'usual_m3h'], 'The usual draw cannot be below the least.');
    if (draw.greatest_m3h < draw.usual_m3h)
      complain(['draw', 'greatest_m3h'], 'The greatest draw cannot be below the usual.');
    if (draw.leak_m3h !== null && draw.leak_m3h >= draw.greatest_m3h)
      complain(['draw', 'leak_m3h'], 'The leak cannot be as much as the greatest draw.');
    if (inlet.greatest_bar < inlet.least_bar)
      complain(['inlet', 'greatest_bar'], 'The greatest pressure cannot be below the least.');
    if (pump.least_hz >= pump.rated_hz)
      complain(['pump', 'least_hz'], 'The least frequency must lie below the rated one.');
    if (pump.oneOut && pump.count === 1)
      complain(['pump', 'oneOut'], 'With one pump nothing is left when it is out.');
    if (holds.kind === 'signal' && holds.least_hz >= holds.most_hz)
      complain(['holds', 'most_hz'], 'The greatest frequency must lie above the least.');
    if ((holds.kind === 'pressure' || holds.kind === 'difference') && sensor === null)
      complain(['sensor', 'range_bar'], 'What it holds needs a sensor: enter the range on its label.');
    if (vessel && vessel.precharge_bar === 0)
      complain(
        ['vessel', 'precharge_bar'],
        'A vessel without pre-charge holds no water back: measure it empty of water, or leave it empty.',
      );
    if (choices.dry && choices.dry.why.trim() === '')
      complain(
        ['choices', 'dry', 'why'],
        'Only stopping protects the pump: say why another reaction is wanted.',
      );
  },
);
export type DriveDuty = z.infer<typeof driveDutySchema>;
