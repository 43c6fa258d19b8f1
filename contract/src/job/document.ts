import type { JobDocument } from '@barythm/core/job';
import { profileSchema } from '@barythm/core/profile';
import { z } from 'zod';
import { addressSchema, dateSchema, idSchema, instantSchema, settingValueSchema, written } from './basics';
import { dutySchema } from './duty';
import { columnSchema, handoverSchema } from './handover';
import { signalReadingSchema } from './readings';
import {
  calibrationBodySchema,
  plateSchema,
  recordBodySchema,
  servicedBodySchema,
  signalFromSchema,
} from './records';

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
    dutyBefore: dutySchema.nullable(),
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
    plans: z.array(z.object({ ...written, duty: dutySchema }).strict()),
    entries: z.array(
      z
        .object({
          ...written,
          address: addressSchema,
          kind: columnSchema,
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
