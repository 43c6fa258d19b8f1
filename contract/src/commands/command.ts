import { LONGEST_NAME, NAME_TOO_LONG, signFault } from '@barythm/core/print';
import { z } from 'zod';
import {
  addressSchema,
  dateSchema,
  dutySchema,
  idSchema,
  instantSchema,
  noteSchema,
  recordBodySchema,
  settingValueSchema,
  signalReadingSchema,
  signatureSchema,
} from '../job';

/** A target that a technician decides on. */
const chosenTarget = {
  entryId: idSchema,
  address: addressSchema,
  by: z.enum(['hand', 'found', 'plan']),
  /** by hand; null where it stays as found, or is the plan's again */
  value: settingValueSchema.nullable(),
  unit: z.string().max(40),
  reason: noteSchema,
};

const jobBodies = [
  z
    .object({
      kind: z.literal('sheet.enter'),
      jobId: idSchema,
      entryId: idSchema,
      address: addressSchema,
      column: z.enum(['found', 'left']),
      raw: z.string().max(200),
      unit: z.string().max(40),
      value: settingValueSchema.nullable(),
      reason: noteSchema.nullable(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('sheet.enter-many'),
      jobId: idSchema,
      column: z.enum(['found', 'left']),
      entries: z
        .array(
          z
            .object({
              entryId: idSchema,
              address: addressSchema,
              raw: z.string().max(200),
              unit: z.string().max(40),
              value: settingValueSchema.nullable(),
              reason: noteSchema.nullable(),
              confirmed: z.literal(true).optional(),
            })
            .strict(),
        )
        .min(1, 'Send at least one setting.')
        .max(400),
    })
    .strict(),
  z
    .object({ kind: z.literal('job.record'), jobId: idSchema, recordId: idSchema, record: recordBodySchema })
    .strict(),
  z
    .object({
      kind: z.literal('plan.accept'),
      jobId: idSchema,
      planId: idSchema,
      duty: dutySchema.nullable(),
      /** what is answered of a duty that is not whole, by the names of its schema */
      part: z.record(z.string().max(60), z.unknown()).optional(),
      targets: z
        .array(
          z
            .object({
              entryId: idSchema,
              address: addressSchema,
              value: settingValueSchema,
              unit: z.string().max(40),
              reason: noteSchema,
            })
            .strict(),
        )
        .max(400),
      hand: z.array(z.object(chosenTarget).strict()).max(400).optional(),
    })
    .strict(),
  z.object({ kind: z.literal('target.choose'), jobId: idSchema, ...chosenTarget }).strict(),
  z
    .object({
      kind: z.literal('proof.read'),
      jobId: idSchema,
      readingId: idSchema,
      reading: signalReadingSchema,
      instrumentId: idSchema.nullable(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('finding.decide'),
      jobId: idSchema,
      decisionId: idSchema,
      code: z.string().max(20),
      fingerprint: z.string().max(64),
      decision: z.enum(['accepted', 'customer-acts']),
      reason: noteSchema,
    })
    .strict(),
  z
    .object({
      kind: z.literal('job.move'),
      jobId: idSchema,
      /** used when the site has no visit on that date yet */
      visitId: idSchema,
      date: dateSchema,
    })
    .strict(),
  z
    .object({
      kind: z.literal('job.hand-over'),
      jobId: idSchema,
      handoverId: idSchema,
      signedAs: z.string().min(1, 'Say who signs.').max(80),
      // null: nobody was there to sign
      signature: signatureSchema.nullable(),
      nextDue: dateSchema.nullable(),
    })
    .strict(),
] as const;

export const jobStartSchema = z
  .object({
    kind: z.literal('job.start'),
    jobId: idSchema,
    pumpId: idSchema,
    /** used when the site has no visit on that date yet */
    visitId: idSchema,
    date: dateSchema,
    /** a few settings, with no duty asked */
    small: z.literal(true).optional(),
  })
  .strict();

/** Every write: an id made by the client, the version it was done on, and what is to be done. */
export const commandSchema = z
  .object({
    id: z.uuid({ version: 'v7', error: 'The id must be a UUID of version 7.' }),
    baseVersion: z.int().min(0),
    recordedAt: instantSchema,
    device: z.string().min(1).max(80),
    /** whoever writes, as papers name them */
    actor: z
      .string()
      .trim()
      .min(1, 'Say who writes.')
      .max(LONGEST_NAME, NAME_TOO_LONG)
      .refine((name) => signFault(name) === null, { error: ({ input }) => signFault(String(input)) ?? '' }),
    units: z.enum(['metric', 'us', 'both']).optional(),
    body: z.discriminatedUnion('kind', [jobStartSchema, ...jobBodies]),
  })
  .strict();
export type Command = z.infer<typeof commandSchema>;
export type CommandBody = Command['body'];

export const commandAnswerSchema = z.object({
  /** the server's own order of writes */
  sequence: z.int(),
  jobId: z.string(),
  version: z.int(),
});
export type CommandAnswer = z.infer<typeof commandAnswerSchema>;
