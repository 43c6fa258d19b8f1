import { z } from 'zod';
import { addressSchema, dateSchema, figureOrNull, idSchema, instantSchema, noteSchema } from './basics';

const mapSchema = z
  .object({
    x1_mA: z.number(),
    y1: z.number(),
    x2_mA: z.number(),
    y2: z.number(),
    below: z.enum(['hold', 'stop']),
  })
  .strict();

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

export const columnSchema = z.enum(['found', 'target', 'left']);

const drawdownSchema = z
  .object({
    date: dateSchema,
    stroke_mL: z.number(),
    factor: z.number(),
    spread: z.number(),
    uncertainty: z.number(),
    accepted: z.boolean(),
    why: z.string(),
    runs: z.int(),
    method: z.string().optional(),
  })
  .strict();

export const handoverSchema = z
  .object({
    id: idSchema,
    recordedAt: instantSchema,
    actor: z.string(),
    signedAs: z.string(),
    signature: signatureSchema,
    nextDue: dateSchema.nullable(),
    units: z.enum(['metric', 'us', 'both']).optional(),
    summary: z
      .object({
        formatVersion: z.literal(1),
        siteDate: dateSchema,
        lookedAtOnly: z.string().max(2000).optional(),
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
              'flow not measured: points of the plan',
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
              leftBy: z.enum(['read back', 'as found', 'last visit']).nullable().optional(),
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
                voidedWhy: z.string().nullable().optional(),
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
        notTried: z.array(z.string()).optional(),
        facts: z.array(z.object({ label: z.string(), words: z.string() }).strict()).optional(),
        earlierDrawdowns: z.array(drawdownSchema).optional(),
        calibration: drawdownSchema.nullable().optional(),
        pool: z
          .object({
            currency: z.string(),
            needed_m3: z.number(),
            fullSpeed_rpm: z.number(),
            weeks: z.array(
              z
                .object({
                  column: z.enum(['found', 'left']),
                  daily_m3: z.array(z.number()),
                  energy_kWh: z.number(),
                  costMonth: z.number(),
                  costYear: z.number(),
                  dearShare: z.number(),
                  longestPause_min: z.number(),
                  days_rpm: z.array(z.array(z.number())),
                  held: z.string().nullable(),
                })
                .strict(),
            ),
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
              column: columnSchema,
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
