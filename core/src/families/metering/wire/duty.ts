import { z } from 'zod';
import { MOST_FIGURE, positive } from '../../parts/duty-figures';

export const strengthSchema = z.discriminatedUnion('stated', [
  z.object({ stated: z.literal('mass'), gpl: positive('The strength', 20_000) }).strict(),
  z
    .object({
      stated: z.literal('weight'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
      density_kgl: positive('The density', 25),
    })
    .strict(),
  z
    .object({
      stated: z.literal('volume'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
    })
    .strict(),
]);

export const siteDateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/, 'A date is written 2026-05-31.');

export const dutyProductSchema = z
  .object({
    productId: z.string().max(64).optional(),
    name: z.string().min(1, 'The product needs a name.').max(200),
    strength: strengthSchema,
    /** what the strength is known from: null means the label only */
    measuredOn: siteDateSchema.nullable(),
    halfLife_days: positive('The half-life', 36_500).nullable(),
    density_kgl: positive('The density', 25),
    gassing: z.boolean(),
  })
  .strict();
export type DutyProduct = z.infer<typeof dutyProductSchema>;

export const signalSourceSchema = z.discriminatedUnion('source', [
  z
    .object({
      source: z.literal('flow'),
      low_mA: z.union([z.literal(0), z.literal(4)]),
      span_m3h: positive('The transmitter’s span'),
    })
    .strict(),
  z
    .object({
      source: z.literal('controller'),
      measures: z.enum(['residual', 'pH', 'redox', 'conductivity']),
      low_mA: z.union([z.literal(0), z.literal(4)]),
      greatestFeed_lph: positive('The greatest useful feed'),
      action: z.enum(['rising', 'falling']),
      onLostSignal: z.enum(['stop', 'hold']),
    })
    .strict(),
  z
    .object({
      source: z.literal('meter'),
      litresPerPulse: positive('The water for each pulse', 1e5),
      contact: z.enum(['mechanical', 'electronic']),
      /** share of the time from pulse to pulse that the contact is closed */
      closedShare: z
        .number({ error: 'The closed share must be a number.' })
        .gt(0, 'The closed share must lie between 0 and 1.')
        .lt(1, 'The closed share must lie between 0 and 1.'),
    })
    .strict(),
]);
export type SignalSource = z.infer<typeof signalSourceSchema>;

/** Pressure above ambient; below nil where the outlet lies under the pump or stands under vacuum. */
const backPressure = (what: string) =>
  z
    .number({ error: `${what} must be a number.` })
    .gt(-1.1, `${what} cannot be under a full vacuum, −1 bar.`)
    .max(500, `${what} cannot be above 500 bar.`);

const notNegative = (what: string, most = MOST_FIGURE) =>
  z
    .number({ error: `${what} must be a number.` })
    .min(0, `${what} cannot be negative.`)
    .max(most, `${what} cannot be above ${most}.`);

/** What is known of the suction side; null where it is not. */
export const suctionSchema = z
  .object({
    pipe_m: notNegative('The length of the suction pipe'),
    bore_mm: positive('The bore of the suction pipe'),
    friction_m: notNegative('The friction loss')
      .max(100, 'The friction loss cannot be above 100 m.')
      .nullable(),
    vapour_bar: notNegative('The vapour pressure')
      .max(20, 'The vapour pressure cannot be above 20 bar.')
      .nullable(),
    tank_bar: positive('The pressure on the tank')
      .max(20, 'The pressure on the tank cannot be above 20 bar.')
      .nullable(),
    /** where the tank is open: height above the sea, and temperature of the liquid; sea level and 20 °C where not said */
    altitude_m: z
      .number({ error: 'The altitude must be a number.' })
      .min(-500, 'The altitude cannot be below −500 m.')
      .max(6000, 'The altitude cannot be above 6000 m.')
      .nullable()
      .optional(),
    liquid_C: z
      .number({ error: 'The temperature of the liquid must be a number.' })
      .min(0, 'The liquid cannot be colder than 0 °C.')
      .max(100, 'The liquid cannot be warmer than 100 °C.')
      .nullable()
      .optional(),
    /** head the pump needs, from its manual */
    needed_m: notNegative('The needed head').nullable(),
  })
  .strict();

/** What gas does in this head. */
export const headSchema = z
  .object({
    dead_mL: positive('The dead volume of the head'),
    /** opening pressure of the injection valve, bar */
    injection_bar: notNegative('The opening pressure of the injection valve'),
  })
  .strict();

/** The site's swing of back pressure and what it costs, where it was measured. */
export const pressureSchema = z
  .object({
    least_bar: backPressure('The least back pressure'),
    greatest_bar: backPressure('The greatest back pressure'),
    /** share of stroke volume lost for each bar; null when not measured */
    lossPer_bar: notNegative('The loss for each bar').nullable(),
  })
  .strict();

export const tankSchema = z
  .object({
    now_L: notNegative('What is in the tank'),
    warn_L: notNegative('The warn level'),
    stop_L: notNegative('The stop level'),
  })
  .strict();

export const serviceSchema = z
  .object({
    what: z.string().min(1, 'Say what is due: diaphragm, valves, seal.').max(200),
    everyStrokes: positive('The strokes between services', 1e9),
    madeStrokes: notNegative('The strokes since the last service', 1e9),
  })
  .strict();

/** What the process needs from this pump, in the technician's terms. */
export const meteringDutySchema = z
  .object({
    family: z.literal('metering'),
    /** what paces it; whether pulses are multiplied or divided is worked out */
    mode: z.enum(['analog', 'manual', 'pulse', 'contact', 'batch', 'timer']),
    signal: signalSourceSchema,
    water: z
      .object({
        least_m3h: positive('The least water flow'),
        usual_m3h: positive('The usual water flow'),
        greatest_m3h: positive('The greatest water flow'),
        /** mean flow of each hour of the day, from 0:00 */
        hourly_m3h: z
          .array(z.number().min(0, 'A water flow cannot be negative.').max(MOST_FIGURE))
          .length(24)
          .nullable(),
      })
      .strict(),
    dose: z
      .object({
        wanted_mgl: positive('The wanted dose'),
        low_mgl: z.number().min(0, 'The least dose cannot be negative.'),
        high_mgl: positive('The greatest dose'),
      })
      .strict(),
    product: dutyProductSchema,
    strokeVolume: z
      .object({
        full_mL: positive('The stroke volume', 1e5),
        basis: z.enum(['plate', 'measured']),
        atLength_pct: z.number().min(0).max(100).optional(),
      })
      .strict(),
    place: z
      .object({
        /** dosing stops when the water stops, by an interlock outside the pump */
        interlocked: z.boolean(),
        suctionHead_m: z.number().nullable(),
        dischargePressure_bar: backPressure('The discharge pressure').nullable(),
        /** the pump is started and stopped by its mains supply */
        switchedByMains: z.boolean().optional(),
        /** people other than the technician can reach its keys */
        othersReachKeys: z.boolean().optional(),
        /** a contact is wired to the stop input */
        stopContact: z.boolean().optional(),
        /** the discharge can be shut, and no relief valve is fitted */
        noRelief: z.boolean().optional(),
        /** seconds from the injection point to where the dose is measured or used */
        residence_s: positive('The residence time').nullable().optional(),
      })
      .strict(),
    suction: suctionSchema.nullable().optional(),
    head: headSchema.nullable().optional(),
    pressure: pressureSchema.nullable().optional(),
    tank: tankSchema.nullable().optional(),
    service: serviceSchema.nullable().optional(),
    batch: z
      .object({
        volume_mL: positive('The volume of a batch'),
        spacing_s: positive('The least time between triggers'),
      })
      .strict()
      .nullable()
      .optional(),
    timer: z
      .object({ every_min: positive('The time from run to run') })
      .strict()
      .nullable()
      .optional(),
    /** days until the next planned visit */
    nextVisit_days: positive('The days to the next visit', 3650).nullable().optional(),
    /** where good technicians disagree: what is chosen here */
    choices: z
      .object({
        belowFirstPoint: z.enum(['stop', 'hold']),
        afterPowerCut: z.enum(['resume', 'wait']),
        stroke: z.enum(['long', 'middle', 'even']),
        stopContact: z.enum(['permits', 'stops']).optional(),
        dry: z.enum(['stop', 'warn', 'ignore']).optional(),
        /** by what the pump tells dry from wet: what parts them best in the readings taken */
        dryBy: z.enum(['level', 'flow', 'pressure', 'power']).optional(),
        /** why a dry run may go on */
        dryReason: z.string().max(2000).optional(),
        afterFault: z.enum(['resume', 'wait']).optional(),
        calibrateBy: z.enum(['strokes', 'time']).optional(),
        memory: z.enum(['on', 'off']).optional(),
        /** the gear that is fitted stays, whatever another would bring; the plan chooses where this is left out */
        gear: z.enum(['fitted']).optional(),
      })
      .strict(),
  })
  .strict()
  .superRefine((duty, context) => {
    const { least_m3h, usual_m3h, greatest_m3h } = duty.water;
    const complain = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message });
    if (least_m3h > greatest_m3h) {
      complain(['water', 'least_m3h'], 'The least water flow is above the greatest.');
    } else if (usual_m3h < least_m3h || usual_m3h > greatest_m3h) {
      complain(['water', 'usual_m3h'], 'The usual water flow lies outside the least and the greatest.');
    }
    if (duty.dose.low_mgl > duty.dose.wanted_mgl) {
      complain(['dose', 'low_mgl'], 'The least dose is above the wanted one.');
    }
    if (duty.dose.high_mgl < duty.dose.wanted_mgl) {
      complain(['dose', 'high_mgl'], 'The greatest dose is below the wanted one.');
    }
    const paced = duty.mode === 'pulse' || duty.mode === 'contact';
    if (paced && duty.signal.source !== 'meter') {
      complain(['signal', 'source'], 'Pulses come from a meter: choose it as the source of the signal.');
    }
    if (duty.mode === 'analog' && duty.signal.source === 'meter') {
      complain(
        ['signal', 'source'],
        'A meter sends pulses, no current: choose a transmitter or a controller.',
      );
    }
    if (duty.mode === 'batch' && !duty.batch) {
      complain(['batch', 'volume_mL'], 'Batch mode needs the volume of a batch.');
    }
    if (duty.mode === 'timer' && !duty.timer) {
      complain(['timer', 'every_min'], 'Timer mode needs the time from run to run.');
    }
    if (duty.pressure && duty.pressure.least_bar > duty.pressure.greatest_bar) {
      complain(['pressure', 'least_bar'], 'The least back pressure is above the greatest.');
    }
    if (duty.tank && duty.tank.stop_L > duty.tank.warn_L) {
      complain(['tank', 'stop_L'], 'The stop level is above the warn level: it would stop before it warns.');
    }
    if (duty.choices.dry && duty.choices.dry !== 'stop' && !duty.choices.dryReason?.trim()) {
      complain(['choices', 'dryReason'], 'Say why it may run dry.');
    }
    if (duty.signal.source === 'flow' && duty.signal.span_m3h < greatest_m3h) {
      complain(
        ['signal', 'span_m3h'],
        'The greatest water flow lies above the transmitter’s span: the signal would stand at 20 mA.',
      );
    }
  });
export type MeteringDuty = z.infer<typeof meteringDutySchema>;

type Choices = MeteringDuty['choices'];

/** The chosen schools with the defaults where nothing was chosen: the safe side, by chapter. */
export function choicesOf(duty: MeteringDuty): Required<Omit<Choices, 'gear'>> & Pick<Choices, 'gear'> {
  return {
    stopContact: 'permits',
    dry: 'stop',
    dryBy: 'level',
    dryReason: '',
    afterFault: 'wait',
    calibrateBy: 'strokes',
    memory: 'off',
    ...duty.choices,
  };
}

/** The source of a current: analog mode has one, by the duty's schema. */
export function currentSignal(duty: MeteringDuty): Exclude<SignalSource, { source: 'meter' }> {
  if (duty.signal.source === 'meter') throw new TypeError('A meter sends no current.');
  return duty.signal;
}
