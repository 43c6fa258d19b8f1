import { dutyProductSchema } from '@barythm/core/families/metering';
import { BEAT_CAUSES } from '@barythm/core/beat';
import { z } from 'zod';
import {
  dateSchema,
  dutySchema,
  idSchema,
  instantSchema,
  jobDocumentSchema,
  plateSchema,
  signalFromSchema,
} from '../job';
import { FAMILY_NAMES, PLATE_COLUMNS, profileSchema, type FamilyName } from '@barythm/core/families';

export const pageQuerySchema = z.object({
  search: z.string().max(100).default(''),
  page: z.coerce.number().int().min(1, 'Pages count from 1.').default(1),
  size: z.coerce.number().int().min(1).max(100, 'At most 100 to a page.').default(25),
});
export type PageQuery = z.infer<typeof pageQuerySchema>;

/** pumps of one kind alone, those with something open or due alone, and in the order of tags or of sites */
export const pumpQuerySchema = pageQuerySchema.extend({
  family: z.enum(FAMILY_NAMES as [FamilyName, ...FamilyName[]]).optional(),
  only: z.enum(['open', 'due']).optional(),
  sort: z.enum(['tag', 'site']).default('tag'),
});
export type PumpQuery = z.infer<typeof pumpQuerySchema>;

const paged = <T extends z.ZodType>(item: T) =>
  z.object({ items: z.array(item), total: z.int(), page: z.int(), size: z.int() });

export const findingCountSchema = z.object({ stop: z.int(), warn: z.int(), note: z.int() });

/** a pump's day for its beat strip: rates or speeds, and why it runs */
export const stripSchema = z
  .object({
    unit: z.string(),
    rates: z.array(z.number()),
    greatest: z.number(),
    causes: z.array(z.enum(BEAT_CAUSES)).optional(),
  })
  .nullable();

export const pumpRowSchema = z.object({
  id: idSchema,
  tag: z.string(),
  name: z.string(),
  place: z.string(),
  siteId: idSchema,
  siteName: z.string(),
  family: z.string(),
});
export type PumpRow = z.infer<typeof pumpRowSchema>;
/** with the kinds of pump that a list can be of alone, and what was looked for instead where one word of a search was a slip */
export const pumpPageSchema = paged(pumpRowSchema).extend({
  kinds: z.array(z.object({ family: z.string(), words: z.string() })),
  instead: z.string().optional(),
});
export type PumpPage = z.infer<typeof pumpPageSchema>;

export const siteRowSchema = z.object({ id: idSchema, name: z.string(), place: z.string(), pumps: z.int() });
export type SiteRow = z.infer<typeof siteRowSchema>;
export const sitePageSchema = paged(siteRowSchema);

export const siteSchema = z.object({
  id: idSchema,
  name: z.string(),
  place: z.string(),
  zone: z.string(),
  retiredOn: dateSchema.nullable(),
  pumps: z.array(pumpRowSchema),
});
export type SiteResource = z.infer<typeof siteSchema>;

export const jobRowSchema = z.object({
  id: idSchema,
  pumpId: idSchema,
  tag: z.string(),
  pumpName: z.string(),
  siteName: z.string(),
  state: z.enum(['planned', 'open', 'part-changed', 'put-back', 'handed-over', 'cancelled']),
  date: dateSchema,
  /** tells jobs of one day apart */
  startedAt: z.string(),
  actor: z.string(),
});
export type JobRow = z.infer<typeof jobRowSchema>;

/** Something that falls due at a pump, and where it is done. */
export const dueSchema = z.object({
  pumpId: idSchema,
  tag: z.string(),
  pumpName: z.string(),
  siteName: z.string(),
  /** what tells it from the others that fall due at the same pump */
  key: z.string(),
  /** the stage of a job in which it is done */
  stage: z.enum(['as-found', 'plan', 'prove']),
  /** the job that is open on the pump, where it can be done at once */
  openJobId: idSchema.nullable(),
  /** what is due, with its figures */
  words: z.string(),
  /** site date; null where it is due now */
  date: dateSchema.nullable(),
  overdue: z.boolean(),
});
export type Due = z.infer<typeof dueSchema>;

export const roundSchema = z.object({
  date: dateSchema,
  /** what falls due within a month, the most pressing first */
  due: z.array(dueSchema),
  /** how much falls due in all; the list holds the most pressing */
  dueTotal: z.int(),
  visits: z.array(
    z.object({
      id: idSchema,
      /** today, or a day to come that is planned for */
      date: dateSchema,
      siteId: idSchema,
      siteName: z.string(),
      zone: z.string(),
      jobs: z.array(jobRowSchema),
    }),
  ),
  /** pumps with open findings, the worst first */
  pumps: z.array(
    pumpRowSchema.extend({
      counts: findingCountSchema,
      worst: z.string(),
      strip: stripSchema,
      nowShare: z.number(),
      openJobId: idSchema.nullable(),
    }),
  ),
  /** how many pumps have something open; the list holds the worst */
  pumpsTotal: z.int(),
});
export type Round = z.infer<typeof roundSchema>;

export const pumpSchema = pumpRowSchema.extend({
  signalFrom: signalFromSchema.nullable(),
  note: z.string(),
  /** settings that the site reported: they count where nobody was there since */
  reported: z
    .object({ date: dateSchema, values: z.record(z.string(), z.union([z.number(), z.string()])) })
    .nullable(),
  zone: z.string(),
  /** since when it is out of use; null while it is in use */
  retiredOn: dateSchema.nullable(),
  /** the short code on its label */
  code: z.string(),
  unit: z.object({
    id: idSchema,
    model: z.string(),
    serial: z.string(),
    plate: plateSchema,
    installedOn: dateSchema,
    /** when its plate was read at the pump; null where it is only as registered */
    plateReadOn: dateSchema.nullable(),
  }),
  /** the unit that this one replaced, since when, and its last job as long as there is none of this one */
  replaced: z
    .object({ on: dateSchema, model: z.string(), serial: z.string(), jobId: idSchema.nullable() })
    .nullable()
    .optional(),
  profile: profileSchema,
  duty: dutySchema.nullable(),
  /** the latest job of this unit: what the controller holds now */
  latest: jobDocumentSchema.nullable(),
  /** the job before it, while the latest has not touched the pump yet: what that one left open still stands */
  before: jobDocumentSchema.nullable().optional(),
  jobs: z.array(jobRowSchema),
  today: dateSchema,
  nowShare: z.number(),
});
export type PumpResource = z.infer<typeof pumpSchema>;

/** What happened at a pump over all its jobs. */
export const pumpHistorySchema = z.object({
  changes: z.array(
    z.object({
      jobId: idSchema,
      recordedAt: instantSchema,
      /** its day at the site */
      date: dateSchema,
      actor: z.string(),
      address: z.string(),
      label: z.string(),
      from: z.string().nullable(),
      to: z.string(),
      /** other values that were recorded for it on the same visit before, oldest first */
      corrected: z.array(z.string()),
      unit: z.string(),
      reason: z.string().nullable(),
    }),
  ),
  calibrations: z.array(
    z.object({
      date: dateSchema,
      stroke_mL: z.number(),
      /** stroke volume at full length that it stands for */
      full_mL: z.number(),
      uncertainty: z.number(),
      accepted: z.boolean(),
      why: z.string(),
      length_pct: z.number().nullable(),
    }),
  ),
  services: z.array(z.object({ date: dateSchema, what: z.string() })),
  counters: z.array(z.object({ date: dateSchema, counter: z.number() })),
  /** the sheet as each job left it, the oldest first: any two can be compared */
  sheets: z.array(
    z.object({
      jobId: idSchema,
      date: dateSchema,
      rows: z.array(z.object({ label: z.string(), value: z.string(), unit: z.string() })),
    }),
  ),
  /** every unit that stood there, the latest first */
  units: z.array(
    z.object({
      model: z.string(),
      serial: z.string(),
      profile: z.string(),
      from: dateSchema,
      to: dateSchema.nullable(),
    }),
  ),
  /** jobs before those that were gone through */
  olderJobs: z.int().min(0),
});
export type PumpHistory = z.infer<typeof pumpHistorySchema>;

/** A register as it would come in: what is new, what is changed at pumps that are here; or what is wrong with the file. */
export const registerPreviewSchema = z.object({
  sites: z.array(z.object({ name: z.string(), place: z.string(), isNew: z.boolean() })),
  pumps: z.array(z.object({ tag: z.string(), name: z.string(), site: z.string(), profile: z.string() })),
  /** pumps that are here, by their tag and site of now, with what becomes of them */
  changes: z.array(
    z.object({
      tag: z.string(),
      site: z.string(),
      lines: z.array(z.object({ label: z.string(), from: z.string(), to: z.string() })),
    }),
  ),
  /** lines that say what is registered already */
  unchanged: z.int(),
  faults: z.array(z.object({ line: z.int(), column: z.int(), words: z.string() })),
});
export type RegisterPreview = z.infer<typeof registerPreviewSchema>;

const cell = z.string().max(200, 'At most 200 characters.');
/** what stands on the plate of a pump of its family */
const plateCells = Object.fromEntries(PLATE_COLUMNS.map((key) => [key, cell.default('')])) as Record<
  never,
  z.ZodDefault<typeof cell>
>;
/** A pump to take into the register, with its site: the columns of a register file, each as text. */
export const newPumpSchema = z
  .object({
    site: cell,
    site_place: cell,
    zone: cell,
    tag: cell,
    name: cell,
    place: cell,
    profile: cell,
    model: cell,
    serial: cell,
    ...plateCells,
  })
  .strict();
export type NewPump = z.infer<typeof newPumpSchema> & Readonly<Record<string, string>>;

/** What is put right of a pump and its unit: only what is given changes. */
/** what stood in a place when somebody began to type over it: what became of it meanwhile is not written over unseen */
const wasSchema = z.record(z.string().max(40), z.string().max(200));
export const pumpEditSchema = z
  .object({
    tag: cell,
    name: cell,
    place: cell,
    siteId: idSchema,
    model: cell,
    serial: z.string().max(80, 'At most 80 characters.'),
    profile: idSchema,
    /** goes by the newest version of its profile from now on */
    newest: z.literal(true),
    retired: z.boolean(),
    was: wasSchema,
  })
  .partial()
  .strict();
export type PumpEdit = z.infer<typeof pumpEditSchema>;

/** Another unit at the place of a pump: since when, and what stands on its plate. */
export const newUnitSchema = z
  .object({
    on: dateSchema,
    profile: idSchema,
    model: cell,
    serial: z.string().max(80, 'At most 80 characters.'),
    ...plateCells,
  })
  .strict();
export type NewUnit = z.infer<typeof newUnitSchema> & Readonly<Record<string, string>>;

/** The same of a site. */
export const siteEditSchema = z
  .object({ name: cell, place: cell, retired: z.boolean(), was: wasSchema })
  .partial()
  .strict();
export type SiteEdit = z.infer<typeof siteEditSchema>;

export const jobResourceSchema = z.object({
  document: jobDocumentSchema,
  today: dateSchema,
  now: instantSchema,
});
export type JobResource = z.infer<typeof jobResourceSchema>;

export const profileRowSchema = z.object({
  id: idSchema,
  family: z.string(),
  version: z.int(),
  name: z.string(),
  about: z.string(),
});
export const productSchema = dutyProductSchema.extend({ id: idSchema, note: z.string() });
export type ProductResource = z.infer<typeof productSchema>;
export const librarySchema = z.object({
  profiles: z.array(profileRowSchema),
  products: z.array(productSchema),
  instruments: z.array(
    z.object({
      id: idSchema,
      name: z.string(),
      serial: z.string(),
      calibratedOn: dateSchema,
      measures: z.enum(['current', 'volume']).nullable(),
    }),
  ),
});
export type Library = z.infer<typeof librarySchema>;

/** What every controller of the library shows and means, to be looked up on the phone. */
export const explainedSchema = z.array(
  z.object({
    profileId: idSchema,
    profile: z.string(),
    family: z.string(),
    shows: z.string(),
    lamp: z.boolean(),
    kind: z.enum(['reminder', 'fault', 'state']),
    means: z.string(),
    todo: z.string(),
    manual: z.string().nullable(),
    page: z.string().nullable(),
    resetBy: z.string().nullable(),
  }),
);

export const healthSchema = z.object({ status: z.literal('ok'), now: instantSchema, migrations: z.int() });
