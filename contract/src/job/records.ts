import type { RecordBody } from '@barythm/core/visit';
import { z } from 'zod';
import { plateSchema } from './duty';
import { figureOrNull, noteSchema } from './basics';

export const commandSourceSchema = z.enum(['own', 'relay', 'link']);

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

/** A clock a century off is one that was never set. */
const CLOCK_MOST_min = 53_000_000;

export const clockBodySchema = z
  .object({
    kind: z.literal('clock'),
    error_min: z.number().min(-CLOCK_MOST_min).max(CLOCK_MOST_min).nullable(),
    setRight: z.boolean(),
    reason: noteSchema.nullable(),
    shown: z
      .object({
        time: z.string().max(20),
        weekday: z.int().min(1).max(7).optional(),
        // a clock that was never set shows a year long gone
        date: z.iso.date('A date is written 2026-05-31.').optional(),
      })
      .strict()
      .optional(),
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
      signalFrom: signalFromSchema.optional(),
      command: commandSourceSchema.optional(),
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
  clockBodySchema,
  z
    .object({
      kind: z.literal('pool-now'),
      speed_rpm: figureOrNull,
      power_W: figureOrNull,
      flow_m3h: figureOrNull,
      filter_bar: figureOrNull,
      water_C: figureOrNull,
      state: z.enum(['program', 'hand', 'hold', 'stopped', 'alarm']),
      unreadable: z.record(z.string(), noteSchema),
    })
    .strict(),
  z
    .object({
      kind: z.literal('salt'),
      panel_gl: z.number({ error: 'What the panel shows must be a number.' }),
      kit_gl: figureOrNull,
      added_kg: z.number({ error: 'The salt must be a number.' }).min(0, 'Salt cannot be taken out.'),
    })
    .strict(),
  z
    .object({
      kind: z.literal('valves'),
      which: noteSchema.min(1, 'Say which valves.'),
      traced: z.boolean(),
      seen: noteSchema.min(1, 'Say what you saw.'),
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
      check: z.string().min(1).max(60),
      seen: z.string().max(40).nullable(),
      figures: z.record(z.string().max(40), z.number({ error: 'A reading must be a number.' })),
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
  z
    .object({ kind: z.literal('cancelled'), reason: noteSchema.min(1, 'Say why the job is cancelled.') })
    .strict(),
  z
    .object({ kind: z.literal('looked-at'), why: noteSchema.min(1, 'Say why it was looked at only.') })
    .strict(),
]);
