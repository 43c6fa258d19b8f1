import type { JobDocument, RecordBody } from '@barythm/core/job';
import { profileSchema } from '@barythm/core/profile';
import { CHECK_KEYS, meteringDutySchema } from '@barythm/core/families/metering';
import { z } from 'zod';

/** Text that a person writes: long enough for an honest reason, short enough for a database row. */
export const noteSchema = z.string().max(2000, 'At most 2000 characters.');
export const idSchema = z.string().min(1).max(64);
export const instantSchema = z.iso.datetime({
  offset: true,
  error: 'An instant is written 2026-05-31T08:15:00Z.',
});
export const dateSchema = z.iso.date('A date is written 2026-05-31.');
export const addressSchema = z.string().regex(/^[^/]+\/\d+\/[^/]+$/, 'An address is group/index/parameter.');
export const settingValueSchema = z.union([z.number(), z.string().max(200)]);

const figureOrNull = z.number().nullable();
const mapSchema = z
  .object({
    x1_mA: z.number(),
    y1: z.number(),
    x2_mA: z.number(),
    y2: z.number(),
    below: z.enum(['hold', 'stop']),
  })
  .strict();

export const plateSchema = z
  .object({ gear: z.string().nullable(), greatest_spm: figureOrNull, rated_bar: figureOrNull })
  .strict();

export const signalFromSchema = z.enum(['flow', 'controller', 'meter']);

const positive = (what: string) =>
  z.number({ error: `${what} must be a number.` }).positive(`${what} must be more than 0.`);

export const calibrationBodySchema = z
  .object({
    kind: z.literal('calibration'),
    by: z.enum(['strokes', 'time']),
    volumes_mL: z
      .array(positive('A drawn volume'))
      .min(1, 'Enter at least one volume.')
      .max(20, 'At most 20 runs.'),
    amount: positive('Strokes or seconds of a run'),
    shown_lph: positive('The flow shown').nullable(),
    division_mL: positive('The division of the cylinder'),
    bubbles: z.boolean(),
    assumed_mL: positive('The assumed stroke volume'),
    length_pct: z.number().gt(0, 'The stroke length must be more than 0.').max(100).nullable(),
    pressure_bar: figureOrNull,
    product: z.string().max(200),
  })
  .strict();

export const servicedBodySchema = z
  .object({
    kind: z.literal('serviced'),
    what: noteSchema.min(1, 'Say what was serviced.'),
    counter: figureOrNull,
  })
  .strict();

export const recordBodySchema: z.ZodType<RecordBody> = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('make-safe'), steps: z.array(z.string().max(40)).max(20) }).strict(),
  z
    .object({
      kind: z.literal('identify'),
      plate: plateSchema,
      serial: z.string().max(80),
      controllerAsProfile: z.boolean(),
      signalFrom: signalFromSchema,
      note: noteSchema,
    })
    .strict(),
  z
    .object({
      kind: z.literal('readings-now'),
      current_mA: figureOrNull,
      display_m3h: figureOrNull,
      rate_spm: figureOrNull,
      rateBy: z.enum(['display', 'tap', 'stopwatch']).nullable(),
      pressure_bar: figureOrNull,
      counter: figureOrNull,
      residual_mgl: figureOrNull,
      unreadable: z.record(z.string(), noteSchema),
    })
    .strict(),
  z
    .object({
      kind: z.literal('clock'),
      error_min: figureOrNull,
      setRight: z.boolean(),
      reason: noteSchema.nullable(),
    })
    .strict(),
  z.object({ kind: z.literal('discharge-safe'), how: noteSchema.min(1, 'Say where it is led.') }).strict(),
  z
    .object({
      kind: z.literal('live-reading'),
      display_m3h: figureOrNull,
      current_mA: figureOrNull,
      rate_spm: z.number(),
      residual_mgl: figureOrNull,
    })
    .strict(),
  calibrationBodySchema,
  servicedBodySchema,
  z
    .object({
      kind: z.literal('check'),
      check: z.enum(CHECK_KEYS),
      seen: z.string().max(40).nullable(),
      figures: z.record(z.string().max(40), z.number().min(0, 'A reading cannot be negative.')),
      note: noteSchema,
    })
    .strict(),
  z
    .object({
      kind: z.literal('messages'),
      shows: z.string().max(200),
      takenFor: z.enum(['nothing', 'reminder', 'fault']),
      pump: z.enum(['runs', 'stopped']),
      lastFaults: z.array(z.string().max(200)).max(100, 'At most 100 faults.').nullable(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('reset'),
      what: z.enum(['faults', 'reminder', 'counter', 'settings', 'breaker']),
      why: noteSchema.min(1, 'Say why it was reset.'),
      seen: noteSchema.nullable(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('automatic'),
      seen: noteSchema.min(1, 'Say what you saw.'),
      leaving: z
        .array(z.enum(['covers', 'set-up']))
        .max(2)
        .optional(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('broken-off'),
      way: z.enum(['put-back', 'part-changed']),
      reason: noteSchema.min(1, 'Say why the work is broken off.'),
    })
    .strict(),
  z.object({ kind: z.literal('resumed'), reason: noteSchema }).strict(),
]);

export const signalReadingSchema = z
  .object({
    injected_mA: z
      .number()
      .min(0, 'A current cannot be negative.')
      .max(30, 'No loop carries more than 30 mA.'),
    shown_mA: figureOrNull,
    strokes: z.int('Strokes are whole.').min(0, 'Strokes cannot be negative.').nullable(),
    seconds: z.number().positive('The time must be more than 0.').nullable(),
    flow_lph: z.number().min(0, 'A flow cannot be negative.').nullable(),
  })
  .strict()
  .refine((reading) => reading.flow_lph !== null || (reading.strokes !== null && reading.seconds !== null), {
    path: ['strokes'],
    message: 'Enter strokes and the time they took, or a flow.',
  });

export const signatureSchema = z
  .object({
    width: z.number().positive(),
    height: z.number().positive(),
    paths: z
      .array(
        z
          .string()
          .regex(/^[ML\d\s.,-]+$/, 'A signature is lines only.')
          .max(60_000),
      )
      .min(1, 'Nobody has signed yet.')
      .max(200),
  })
  .strict();

const written = {
  id: idSchema,
  recordedAt: instantSchema,
  actor: z.string().min(1).max(80),
  revision: z.int().min(0),
};

const handoverFindingSchema = z
  .object({
    code: z.string(),
    severity: z.string(),
    title: z.string(),
    so: z.string(),
    will: z.string(),
    todo: z.string(),
    decision: z.string().nullable(),
    reason: z.string().nullable(),
    whoActs: z.enum(['technician', 'customer']),
  })
  .strict();

const column = z.enum(['found', 'target', 'left']);

export const handoverSchema = z
  .object({
    id: idSchema,
    recordedAt: instantSchema,
    actor: z.string(),
    signedAs: z.string(),
    signature: signatureSchema,
    nextDue: dateSchema.nullable(),
    summary: z
      .object({
        formatVersion: z.literal(1),
        siteDate: dateSchema,
        dose: z.array(
          z
            .object({
              column: z.enum(['found', 'left']),
              atLeast_mgl: figureOrNull,
              atUsual_mgl: figureOrNull,
              atGreatest_mgl: figureOrNull,
              inBand: z.boolean().nullable(),
            })
            .strict(),
        ),
        wanted: z
          .object({ low_mgl: z.number(), wanted_mgl: z.number(), high_mgl: z.number() })
          .strict()
          .nullable(),
        water: z
          .object({ least_m3h: z.number(), usual_m3h: z.number(), greatest_m3h: z.number() })
          .strict()
          .nullable(),
        proof: z
          .object({
            points: z.int(),
            passed: z.int(),
            volume: z.enum([
              'flow measured',
              'volume measured by drawdown',
              'volume not measured: plate value',
              'volume not measured: earlier calibration',
            ]),
            automatic: z.boolean(),
            live: z.string().nullable(),
          })
          .strict(),
        accepted: z.array(handoverFindingSchema),
        open: z.array(handoverFindingSchema),
        settings: z.array(
          z
            .object({
              address: addressSchema,
              label: z.string(),
              unit: z.string(),
              found: z.string().nullable(),
              target: z.string().nullable(),
              left: z.string().nullable(),
              changed: z.boolean(),
              reason: z.string().nullable(),
            })
            .strict(),
        ),
        readings: z.array(
          z
            .object({
              injected_mA: z.number(),
              shown_mA: figureOrNull,
              measured_spm: figureOrNull,
              flow_lph: figureOrNull,
              expected_spm: z.number(),
              tolerance_spm: figureOrNull,
              ok: z.boolean(),
              voided: z.boolean(),
              superseded: z.boolean(),
              recordedAt: instantSchema,
              instrument: z.string().nullable(),
            })
            .strict(),
        ),
        checks: z
          .array(
            z
              .object({
                title: z.string(),
                method: z.string(),
                expected: z.string(),
                tolerance: z.string(),
                seen: z.string(),
                ok: z.boolean(),
                voided: z.boolean(),
                superseded: z.boolean(),
                recordedAt: instantSchema,
              })
              .strict(),
          )
          .optional(),
        messages: z.string().max(20_000).nullable().optional(),
        resets: z
          .array(
            z
              .object({
                what: z.string(),
                why: noteSchema,
                seen: noteSchema.nullable(),
                recordedAt: instantSchema,
              })
              .strict(),
          )
          .optional(),
        calibration: z
          .object({
            date: dateSchema,
            stroke_mL: z.number(),
            factor: z.number(),
            spread: z.number(),
            uncertainty: z.number(),
            accepted: z.boolean(),
            why: z.string(),
            runs: z.int(),
          })
          .strict()
          .nullable()
          .optional(),
        days: z
          .array(
            z
              .object({
                column: z.enum(['found', 'left']),
                given_L: z.number(),
                wanted_L: z.number(),
                inBand: z.number(),
                strokes: z.number(),
                hourly_spm: z.array(z.number()),
              })
              .strict(),
          )
          .optional(),
        clock: z.string().nullable(),
        lines: z.array(
          z
            .object({
              column,
              map: mapSchema,
              watch: z
                .object({ low_mA: figureOrNull, high_mA: figureOrNull, reaction: z.enum(['stop', 'hold']) })
                .strict()
                .nullable(),
              limits: z
                .object({ least_spm: z.number(), greatest_spm: z.number(), step_spm: z.number().optional() })
                .strict(),
            })
            .strict(),
        ),
      })
      .strict(),
  })
  .strict();

export const jobDocumentSchema: z.ZodType<JobDocument> = z
  .object({
    job: z
      .object({
        id: idSchema,
        state: z.enum(['planned', 'open', 'part-changed', 'put-back', 'handed-over']),
        version: z.int().min(0),
        startedAt: instantSchema,
        plannedFor: dateSchema,
        actor: z.string(),
      })
      .strict(),
    site: z.object({ id: idSchema, name: z.string(), place: z.string(), zone: z.string() }).strict(),
    pump: z
      .object({
        id: idSchema,
        tag: z.string(),
        name: z.string(),
        place: z.string(),
        signalFrom: signalFromSchema.nullable(),
      })
      .strict(),
    unit: z.object({ id: idSchema, model: z.string(), serial: z.string(), plate: plateSchema }).strict(),
    profile: profileSchema,
    profileHash: z.string(),
    dutyBefore: meteringDutySchema.nullable(),
    lastLeft: z
      .object({
        source: z.enum(['left', 'reported']),
        date: dateSchema,
        values: z.record(z.string(), settingValueSchema),
      })
      .strict()
      .nullable(),
    earlier: z
      .array(
        z
          .object({
            date: dateSchema,
            body: z.discriminatedUnion('kind', [calibrationBodySchema, servicedBodySchema]),
          })
          .strict(),
      )
      .optional(),
    instruments: z.array(
      z.object({ id: idSchema, name: z.string(), serial: z.string(), calibratedOn: dateSchema }).strict(),
    ),
    plans: z.array(z.object({ ...written, duty: meteringDutySchema }).strict()),
    entries: z.array(
      z
        .object({
          ...written,
          address: addressSchema,
          kind: column,
          raw: z.string(),
          unit: z.string(),
          value: settingValueSchema.nullable(),
          reason: z.string().nullable(),
        })
        .strict(),
    ),
    records: z.array(z.object({ ...written, body: recordBodySchema }).strict()),
    readings: z.array(
      z
        .object({
          ...written,
          reading: signalReadingSchema,
          instrumentId: idSchema.nullable(),
          sheetRevision: z.int().min(0),
        })
        .strict(),
    ),
    decisions: z.array(
      z
        .object({
          ...written,
          code: z.string(),
          fingerprint: z.string(),
          decision: z.enum(['accepted', 'customer-acts']),
          reason: z.string(),
        })
        .strict(),
    ),
    handover: handoverSchema.nullable(),
  })
  .strict();
