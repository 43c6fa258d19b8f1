import { z } from 'zod';
import { addressSchema, dateSchema, idSchema, instantSchema, noteSchema } from './basics';
import { blockSchema } from './blocks';
import { leavesMark, strokePoints } from './signature';

/** A drawn signature: strokes as SVG path data in a box of `width` × `height`. */
export const signatureSchema = z
  .object({
    width: z.number().positive(),
    height: z.number().positive(),
    paths: z
      .array(
        z
          .string()
          .max(60_000)
          .refine((path) => strokePoints(path) !== null, 'A signature is lines only.'),
      )
      .min(1, 'Nobody has signed yet.')
      .max(200)
      // where there is none, or something that is no line, that is said above, once
      .refine(
        (paths) =>
          paths.length === 0 || paths.some((path) => strokePoints(path) === null) || leavesMark(paths),
        'The signature leaves no mark: sign again.',
      ),
  })
  .strict();

export const columnSchema = z.enum(['found', 'target', 'left']);
export const findingSchema = z
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

const CONFIRMED = ['last visit, confirmed', 'reported, confirmed'] as const;

export const settingSchema = z
  .object({
    address: addressSchema,
    label: z.string(),
    unit: z.string(),
    found: z.string().nullable(),
    target: z.string().nullable(),
    /** what is in force when it is handed over */
    left: z.string().nullable(),
    /** how that is known; left out on sheets frozen before it was asked, null where nothing is known */
    leftBy: z
      .enum(['read back', 'as found', 'last visit', 'reported', ...CONFIRMED])
      .nullable()
      .optional(),
    /** where nobody read it on this visit */
    foundBy: z.enum(CONFIRMED).optional(),
    changed: z.boolean(),
    /** a technician's own: a value by hand, or left as found against the plan; left out where the plan counts */
    targetBy: z.enum(['hand', 'found']).optional(),
    reason: z.string().nullable(),
  })
  .strict();

/** One check tried at the pump, as it is handed over. */
export const checkSchema = z
  .object({
    title: z.string(),
    method: z.string(),
    expected: z.string(),
    tolerance: z.string(),
    seen: z.string(),
    ok: z.boolean(),
    voided: z.boolean(),
    /** why it proves nothing any more; null while it stands */
    voidedWhy: z.string().nullable().optional(),
    superseded: z.boolean(),
    /** what was seen is a figure that was read, and not a state */
    measured: z.literal(true).optional(),
    recordedAt: instantSchema,
  })
  .strict();

export const resetSchema = z
  .object({ what: z.string(), why: noteSchema, seen: noteSchema.nullable(), recordedAt: instantSchema })
  .strict();

/** One thing that the settings rest on, as it was known on the visit. */
export const factSchema = z.object({ label: z.string(), words: z.string() }).strict();

/** What was proved, in figures and words. */
const proofSchema = z
  .object({
    /** signal points that stand, and those of them as expected; none on a pump that is given no signal */
    points: z.int(),
    passed: z.int(),
    /** seen back in automatic */
    automatic: z.boolean(),
    /** what else is to be said of it: whether it holds good, null where it is neither good nor bad */
    says: z.array(z.object({ words: z.string().max(4000), sound: z.boolean().nullable() }).strict()).max(20),
  })
  .strict();

const cellSchema = z.union([z.string(), z.number(), z.null()]);

/** A table that leaves as a file of its own. */
const tableFileSchema = z
  .object({
    /** its name before the ending: `readings` */
    name: z.string().regex(/^[a-z][a-z-]*$/),
    label: z.string().max(80),
    fields: z.array(z.string()),
    rows: z.array(z.array(cellSchema)),
  })
  .strict();

/** Something that comes again each week at a time of the wall clock, on the days named (1 is Monday). */
const weeklyEventSchema = z
  .object({
    key: z.string(),
    days: z.string().regex(/^[1-7]*$/),
    start_min: z.number(),
    lasts_min: z.number(),
    title: z.string(),
    words: z.string(),
  })
  .strict();

/** What leaves with the hand-over, apart from what was written itself. */
const leavesSchema = z
  .object({
    tables: z.array(tableFileSchema).max(20),
    /** what it was left to do each week; null where it has no such programs */
    week: z.array(weeklyEventSchema).max(500).nullable(),
  })
  .strict();

const blocks = z.array(blockSchema).max(40);

export const summarySchema = z
  .object({
    formatVersion: z.literal(2),
    siteDate: dateSchema,
    /** the firm that handed over, as it was called then, and the line that keeps its logo; left out where nobody had named one */
    firm: z
      .object({ id: z.int(), name: z.string().max(80), contact: z.string().max(160) })
      .strict()
      .optional(),
    /** a few settings that somebody asked for, and no duty: one page holds all of it */
    small: z.literal(true).optional(),
    /** why nothing was read, set or proved; left out where something was */
    lookedAtOnly: z.string().max(2000).optional(),
    /** what its family says: on the first page, behind the settings, and among what was tried */
    blocks: z.object({ first: blocks, behind: blocks, tried: blocks }).strict(),
    proof: proofSchema,
    /** what a technician accepted in writing; stands first */
    accepted: z.array(findingSchema),
    open: z.array(findingSchema),
    settings: z.array(settingSchema),
    checks: z.array(checkSchema),
    /** titles of checks that were offered and not tried */
    notTried: z.array(z.string()),
    /** product, strength, transmitter or meter, readings on arrival */
    facts: z.array(factSchema),
    /** what the display showed on arrival, and the list of last faults */
    messages: z.string().max(20_000).nullable(),
    resets: z.array(resetSchema),
    clock: z.string().nullable(),
    /** what was changed, as page one says it; left out on what was handed over before it did */
    changed: z
      .array(z.object({ what: z.string(), from: z.string().nullable(), to: z.string() }).strict())
      .optional(),
    /** what was written by a slip and taken back; left out where nothing was */
    takenBack: z
      .array(
        z
          .object({ what: z.string(), was: z.string(), recordedAt: instantSchema, actor: z.string() })
          .strict(),
      )
      .optional(),
    /** words that were written beside the work; left out where none were */
    notes: z
      .array(
        z
          .object({
            /** the setting or check that it is about; null where it is the job */
            about: z.string().nullable(),
            words: noteSchema,
            recordedAt: instantSchema,
            actor: z.string(),
          })
          .strict(),
      )
      .optional(),
    /** tables and programs as they stood; left out before it is signed, and on what was handed over before they were frozen with it */
    leaves: leavesSchema.optional(),
  })
  .strict();

/** Frozen when the job is handed over; shown and printed from this alone, never worked out again. */
export const handoverSchema = z
  .object({
    id: idSchema,
    recordedAt: instantSchema,
    actor: z.string(),
    signedAs: z.string(),
    /** null: nobody was there to sign */
    signature: signatureSchema.nullable(),
    nextDue: dateSchema.nullable(),
    /** the units that the paper is read in; metric where left out */
    units: z.enum(['metric', 'us', 'both']).optional(),
    summary: summarySchema,
  })
  .strict();
