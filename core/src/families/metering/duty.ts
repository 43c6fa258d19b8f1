import { z } from 'zod';

const positive = (what: string) =>
  z.number({ error: `${what} must be a number.` }).positive(`${what} must be more than 0.`);

export const strengthSchema = z.discriminatedUnion('stated', [
  z.object({ stated: z.literal('mass'), gpl: positive('The strength') }).strict(),
  z
    .object({
      stated: z.literal('weight'),
      percent: positive('The strength').max(100, 'The strength cannot be more than 100 %.'),
      density_kgl: positive('The density'),
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
    productId: z.string().optional(),
    name: z.string().min(1, 'The product needs a name.'),
    strength: strengthSchema,
    /** what the strength is known from: null means the label only */
    measuredOn: siteDateSchema.nullable(),
    halfLife_days: positive('The half-life').nullable(),
    density_kgl: positive('The density'),
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
]);
export type SignalSource = z.infer<typeof signalSourceSchema>;

/** What the process needs from this pump, in the technician's terms. */
export const meteringDutySchema = z
  .object({
    family: z.literal('metering'),
    mode: z.enum(['analog', 'manual']),
    signal: signalSourceSchema,
    water: z
      .object({
        least_m3h: positive('The least water flow'),
        usual_m3h: positive('The usual water flow'),
        greatest_m3h: positive('The greatest water flow'),
        /** mean flow of each hour of the day, from 0:00 */
        hourly_m3h: z.array(z.number().min(0, 'A water flow cannot be negative.')).length(24).nullable(),
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
        full_mL: positive('The stroke volume'),
        basis: z.enum(['plate', 'measured']),
        atLength_pct: z.number().min(0).max(100).optional(),
      })
      .strict(),
    place: z
      .object({
        /** dosing stops when the water stops, by an interlock outside the pump */
        interlocked: z.boolean(),
        suctionHead_m: z.number().nullable(),
        dischargePressure_bar: z.number().min(0, 'The discharge pressure cannot be negative.').nullable(),
      })
      .strict(),
    /** where good technicians disagree: what is chosen here */
    choices: z
      .object({
        belowFirstPoint: z.enum(['stop', 'hold']),
        afterPowerCut: z.enum(['resume', 'wait']),
        stroke: z.enum(['long', 'middle', 'even']),
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
    if (duty.signal.source === 'flow' && duty.signal.span_m3h < greatest_m3h) {
      complain(
        ['signal', 'span_m3h'],
        'The greatest water flow lies above the transmitter’s span: the signal would stand at 20 mA.',
      );
    }
  });
export type MeteringDuty = z.infer<typeof meteringDutySchema>;
