import { z } from 'zod';

/** Text that a person writes: long enough for an honest reason, short enough for a database row. */
export const noteSchema = z.string().max(2000, 'At most 2000 characters.');
export const idSchema = z.string().min(1).max(64);
export const instantSchema = z.iso.datetime({
  offset: true,
  error: 'An instant is written 2026-05-31T08:15:00Z.',
});
export const dateSchema = z.iso.date('A date is written 2026-05-31.');
export const addressSchema = z.string().regex(/^[^/]+\/\d+\/[^/]+$/, 'An address is group/index/parameter.');
export const settingValueSchema = z.union([z.number(), z.string().max(200)]);

export const figureOrNull = z.number().nullable();

/** What every record of a job carries. */
export const written = {
  id: idSchema,
  recordedAt: instantSchema,
  actor: z.string().min(1).max(80),
  revision: z.int().min(0),
};
