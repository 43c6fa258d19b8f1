import { z } from 'zod';
import { idSchema, noteSchema } from './basics';
import { record } from './record';
import type { Frozen } from './frozen';
import { ticksSchema } from './ticks';

export const commandSourceSchema = z.enum(['own', 'relay', 'link']);

export const signalFromSchema = z.enum(['flow', 'controller', 'meter']);

/** A clock a century off is one that was never set. */
const CLOCK_MOST_min = 53_000_000;

export const clockBodySchema = record('clock', {
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
});

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

/** Answers of the duty that are known while it is not whole, by the names of its schema: what is no answer of it is turned down. */
export const dutyPartSchema = record('duty-part', {
  duty: z.record(z.string().max(60), z.unknown()),
});

/** What those who live with a pump are told beside what follows from its settings: it is of the place, and goes on to later jobs. */
export const forOwnerSchema = record('for-owner', {
  /** where it is switched off, in words */
  stopAt: noteSchema,
  /** who keeps the code or key; never the code itself */
  keeper: noteSchema,
  /** who is called */
  call: noteSchema,
});

/** Things done or seen at any pump, apart from settings. They are only added; the last of a kind counts. */
export const COMMON_RECORDS = [
  record('make-safe', {
    steps: z.array(z.string().max(40)).max(20),
    changed: ticksSchema.optional(),
  }),
  /** covers on, hands clear, each took off his own lock: from here nothing is isolated */
  record('power-back', {}),
  clockBodySchema,
  record('discharge-safe', { how: noteSchema.min(1, 'Say where it is led.') }),
  record(
    'check',
    {
      check: z.string().min(1).max(60),
      seen: z.string().max(40).nullable(),
      figures: z.record(z.string().max(40), z.number({ error: 'A reading must be a number.' })),
      note: noteSchema,
    },
    { touches: true },
  ),
  record('messages', {
    shows: z.string().max(200),
    takenFor: z.enum(['nothing', 'reminder', 'fault']),
    pump: z.enum(['runs', 'stopped']),
    lastFaults: z.array(z.string().max(200)).max(100, 'At most 100 faults.').nullable(),
  }),
  record(
    'reset',
    {
      what: z.enum(['faults', 'reminder', 'counter', 'settings', 'breaker']),
      why: noteSchema.min(1, 'Say why it was reset.'),
      seen: noteSchema.nullable(),
    },
    { touches: true },
  ),
  record('automatic', {
    seen: noteSchema.min(1, 'Say what you saw.'),
    leaving: z
      .array(z.enum(['covers', 'set-up', 'access', 'link', 'afar']))
      .max(5)
      .optional(),
  }),
  record('broken-off', {
    way: z.enum(['put-back', 'part-changed']),
    reason: noteSchema.min(1, 'Say why the work is broken off.'),
  }),
  record('resumed', { reason: noteSchema }),
  record('cancelled', { reason: noteSchema.min(1, 'Say why the job is cancelled.') }),
  /** the line of this job that was written by a slip, and counts no more */
  record('taken-back', { id: idSchema }),
  /** a word beside the work: on the job itself, on a setting by its address, or on a check by `check:` and its key */
  record('note', {
    about: z.string().max(120),
    words: noteSchema.min(1, 'Write a word, or leave it.'),
  }),
  forOwnerSchema,
  dutyPartSchema,
  record('looked-at', { why: noteSchema.min(1, 'Say why it was looked at only.') }),
] as const;

/** A record of any pump; what its family alone knows comes beside. */
export type CommonRecord = Frozen<z.infer<(typeof COMMON_RECORDS)[number]>>;
