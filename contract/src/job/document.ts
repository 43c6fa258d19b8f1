import type { AnyHandover } from '@barythm/core/visit';
import { MOST_IN_JOB } from '@barythm/core/visit';
import { z } from 'zod';
import {
  addressSchema,
  anyHandoverSchema,
  dateSchema,
  idSchema,
  instantSchema,
  nameSchema,
  noteSchema,
  settingValueSchema,
  signalFromSchema,
  written,
  columnSchema,
  handoverSchema,
  zoneSchema,
} from './basics';
import { dutySchema, plateSchema } from './duty';

import { signalReadingSchema } from './readings';
import { earlierBodySchema, recordBodySchema } from './records';
import { profileSchema, type JobDocument } from '@barythm/core/families';

/** Who says a value, and since when. */
const originSchema = z.object({ source: z.enum(['left', 'reported', 'unknown']), date: dateSchema }).strict();

/** A list of a job, within its bound. */
const upTo = <T extends z.ZodType>(what: keyof typeof MOST_IN_JOB, line: T) =>
  z.array(line).max(MOST_IN_JOB[what], `A job holds up to ${MOST_IN_JOB[what]} ${what}.`);

const entrySchema = z
  .object({
    ...written,
    address: addressSchema,
    kind: columnSchema,
    raw: nameSchema,
    unit: z.string().max(40),
    value: settingValueSchema.nullable(),
    reason: noteSchema.nullable(),
    confirmed: z.literal(true).optional(),
    by: z.enum(['hand', 'found', 'plan']).optional(),
  })
  .strict()
  .refine(({ kind, by }) => by === undefined || kind === 'target', {
    error: 'Only a target is by hand.',
    path: ['by'],
  });
const recordedSchema = z.object({ ...written, body: recordBodySchema }).strict();
const readingSchema = z
  .object({
    ...written,
    reading: signalReadingSchema,
    instrumentId: idSchema.nullable(),
    sheetRevision: z.int().min(0),
  })
  .strict();
const decisionSchema = z
  .object({
    ...written,
    code: z.string().max(40),
    fingerprint: z.string().max(80),
    decision: z.enum(['accepted', 'customer-acts']),
    reason: noteSchema,
  })
  .strict();

const documentSchema = z
  .object({
    job: z
      .object({
        id: idSchema,
        state: z.enum(['planned', 'open', 'part-changed', 'put-back', 'handed-over', 'cancelled']),
        version: z.int().min(0),
        startedAt: instantSchema,
        plannedFor: dateSchema,
        actor: nameSchema,
        small: z.literal(true).optional(),
      })
      .strict(),
    site: z.object({ id: idSchema, name: nameSchema, place: nameSchema, zone: zoneSchema }).strict(),
    pump: z
      .object({
        id: idSchema,
        tag: nameSchema,
        name: nameSchema,
        place: nameSchema,
        signalFrom: signalFromSchema.nullable(),
      })
      .strict(),
    unit: z.object({ id: idSchema, model: nameSchema, serial: nameSchema, plate: plateSchema }).strict(),
    profile: profileSchema,
    profileHash: z.string(),
    dutyBefore: dutySchema.nullable(),
    lastLeft: z
      .object({
        source: z.enum(['left', 'reported']),
        date: dateSchema,
        values: z.record(z.string().max(60), settingValueSchema),
        origins: z.record(z.string().max(60), originSchema).optional(),
        against: z.record(z.string().max(60), originSchema.extend({ value: settingValueSchema })).optional(),
      })
      .strict()
      .nullable(),
    earlier: z
      .array(
        z
          .object({
            date: dateSchema,
            body: earlierBodySchema,
          })
          .strict(),
      )
      .max(MOST_IN_JOB.earlier)
      .optional(),
    instruments: upTo(
      'instruments',
      z
        .object({
          id: idSchema,
          name: nameSchema,
          serial: nameSchema,
          calibratedOn: dateSchema,
          measures: z.enum(['current', 'volume']).nullable().optional(),
        })
        .strict(),
    ),
    plans: upTo('plans', z.object({ ...written, duty: dutySchema }).strict()),
    entries: upTo('entries', entrySchema),
    records: upTo('records', recordedSchema).refine(
      (records) => records.filter(({ body }) => body.kind === 'check').length <= MOST_IN_JOB.checks,
      `A job holds up to ${MOST_IN_JOB.checks} checks.`,
    ),
    readings: upTo('readings', readingSchema),
    decisions: upTo('decisions', decisionSchema),
    takenBack: z
      .object({
        entries: upTo('entries', entrySchema),
        records: upTo('records', recordedSchema),
        readings: upTo('readings', readingSchema),
        decisions: upTo('decisions', decisionSchema),
      })
      .strict()
      .optional(),
    handover: handoverSchema.nullable(),
  })
  .strict();

export const jobDocumentSchema: z.ZodType<JobDocument> = documentSchema;

/** A job as a file holds it: its hand-over may be of any format that was ever frozen. */
export const filedJobSchema: z.ZodType<FiledJob> = documentSchema.extend({
  handover: anyHandoverSchema.nullable(),
});
export type FiledJob = Omit<JobDocument, 'handover'> & { readonly handover: AnyHandover | null };
