import { z } from 'zod';
import { dateSchema, figureOrNull, instantSchema } from './basics';
import {
  checkSchema,
  columnSchema,
  factSchema,
  findingSchema,
  handoverSchema,
  resetSchema,
  settingSchema,
  summarySchema,
} from './handover';

/** The two columns that a customer compares. */
const sideSchema = z.enum(['found', 'left']);

const doseSchema = z
  .object({
    column: sideSchema,
    atLeast_mgl: figureOrNull,
    atUsual_mgl: figureOrNull,
    atGreatest_mgl: figureOrNull,
    inBand: z.boolean().nullable(),
  })
  .strict();

const proofSchema = z
  .object({
    /** signal points that stand, and those of them as expected */
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
  .strict();

const readingSchema = z
  .object({
    injected_mA: z.number(),
    shown_mA: figureOrNull,
    measured_spm: figureOrNull,
    flow_lph: figureOrNull,
    expected_spm: z.number(),
    tolerance_spm: figureOrNull,
    ok: z.boolean(),
    /** read before a setting changed: proves nothing any more */
    voided: z.boolean(),
    /** the same point was read again later */
    superseded: z.boolean(),
    recordedAt: instantSchema,
    instrument: z.string().nullable(),
  })
  .strict();

/** A drawdown, as it is handed over. */
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
    /** how it was made: volumes, strokes or time, stroke length, pressure, product */
    method: z.string().optional(),
  })
  .strict();

/** One column's week as it truly runs. */
const weekSchema = z
  .object({
    column: sideSchema,
    daily_m3: z.array(z.number()),
    energy_kWh: z.number(),
    costMonth: z.number(),
    costYear: z.number(),
    /** share of the cost in the peak hours, 0 to 1 */
    dearShare: z.number(),
    longestPause_min: z.number(),
    /** speed by quarter of an hour of each day, Monday first, rev/min */
    days_rpm: z.array(z.array(z.number())),
    /** what keeps the programs from running; null when nothing does */
    held: z.string().nullable(),
  })
  .strict();

/** What a pool pump's customer gets: water moved and money, before and after. */
const weeksSchema = z
  .object({
    currency: z.string(),
    needed_m3: z.number(),
    fullSpeed_rpm: z.number(),
    weeks: z.array(weekSchema),
  })
  .strict();

/** One simulated day of a column, in sums; the same water for both. */
const daySchema = z
  .object({
    column: sideSchema,
    given_L: z.number(),
    wanted_L: z.number(),
    /** share of the time with water flowing that the dose was in its band, 0 to 1 */
    inBand: z.number(),
    strokes: z.number(),
    /** strokes/min of each hour, for the strip */
    hourly_spm: z.array(z.number()),
  })
  .strict();

/** A line of the signal chart, so that paper draws what was agreed. */
const lineSchema = z
  .object({
    column: columnSchema,
    map: z
      .object({
        x1_mA: z.number(),
        y1: z.number(),
        x2_mA: z.number(),
        y2: z.number(),
        below: z.enum(['hold', 'stop']),
      })
      .strict(),
    watch: z
      .object({ low_mA: figureOrNull, high_mA: figureOrNull, reaction: z.enum(['stop', 'hold']) })
      .strict()
      .nullable(),
    limits: z
      .object({ least_spm: z.number(), greatest_spm: z.number(), step_spm: z.number().optional() })
      .strict(),
  })
  .strict();

/** What a hand-over said in the first format: fields of the families that there were then. */
export const firstSummarySchema = z
  .object({
    formatVersion: z.literal(1),
    siteDate: dateSchema,
    /** why nothing was read, set or proved; left out where something was */
    lookedAtOnly: z.string().max(2000).optional(),
    dose: z.array(doseSchema),
    wanted: z
      .object({ low_mgl: z.number(), wanted_mgl: z.number(), high_mgl: z.number() })
      .strict()
      .nullable(),
    water: z
      .object({ least_m3h: z.number(), usual_m3h: z.number(), greatest_m3h: z.number() })
      .strict()
      .nullable(),
    proof: proofSchema,
    /** what a technician accepted in writing; stands first */
    accepted: z.array(findingSchema),
    open: z.array(findingSchema),
    settings: z.array(settingSchema),
    readings: z.array(readingSchema),
    checks: z.array(checkSchema).optional(),
    /** what the display showed on arrival, the list of last faults, and what was reset */
    messages: z.string().max(20_000).nullable().optional(),
    resets: z.array(resetSchema).optional(),
    /** titles of checks that were offered and not tried */
    notTried: z.array(z.string()).optional(),
    /** product, strength, transmitter or meter, readings on arrival */
    facts: z.array(factSchema).optional(),
    /** earlier drawdowns of the visit, made again or rejected */
    earlierDrawdowns: z.array(drawdownSchema).optional(),
    calibration: drawdownSchema.nullable().optional(),
    /** a pool pump's week, before and after */
    pool: weeksSchema.nullable().optional(),
    /** before and after over the same simulated day */
    days: z.array(daySchema).optional(),
    clock: z.string().nullable(),
    lines: z.array(lineSchema),
  })
  .strict();

/** A hand-over of any format that was ever frozen. */
export const anyHandoverSchema = handoverSchema.extend({
  summary: z.discriminatedUnion('formatVersion', [summarySchema, firstSummarySchema]),
});
