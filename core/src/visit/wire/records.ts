import { z } from 'zod';
import { noteSchema } from './basics';
import type { Frozen } from './frozen';
import { ticksSchema } from './ticks';

export const commandSourceSchema = z.enum(['own', 'relay', 'link']);

export const signalFromSchema = z.enum(['flow', 'controller', 'meter']);

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

/** What is read of a pump and its controller when one meets it; its plate is its family's. */
export const identifyShape = {
  kind: z.literal('identify'),
  serial: z.string().max(80),
  controllerAsProfile: z.boolean(),
  /** what the signal cable was seen to come from, where it is given a signal */
  signalFrom: signalFromSchema.optional(),
  /** what was seen to command it, where more than its own programs can */
  command: commandSourceSchema.optional(),
  note: noteSchema,
};

/** Things done or seen at any pump, apart from settings. They are only added; the last of a kind counts. */
export const COMMON_RECORDS = [
  z
    .object({
      kind: z.literal('make-safe'),
      steps: z.array(z.string().max(40)).max(20),
      changed: ticksSchema.optional(),
    })
    .strict(),
  clockBodySchema,
  z.object({ kind: z.literal('discharge-safe'), how: noteSchema.min(1, 'Say where it is led.') }).strict(),
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
        .array(z.enum(['covers', 'set-up', 'access']))
        .max(3)
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
] as const;

/** A record of any pump; what its family alone knows comes beside. */
export type CommonRecord = Frozen<z.infer<(typeof COMMON_RECORDS)[number]>>;
