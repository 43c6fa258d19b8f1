import { checkedZone } from '@barythm/core/time';
import { z } from 'zod';

/** Text that a person writes: long enough for an honest reason, short enough for a database row. */
export const noteSchema = z.string().max(2000, 'At most 2000 characters.');
export const idSchema = z.string().min(1).max(64);
/** Nothing was written before there were phones to write it on, and nothing is planned for the next century. */
const EARLIEST = '1970';
const LATEST = '2100';
const inOurTime = (text: string) => text >= EARLIEST && text < LATEST;
const NOT_OURS = `A date lies between ${EARLIEST} and ${LATEST}.`;

export const instantSchema = z.iso
  .datetime({ offset: true, error: 'An instant is written 2026-05-31T08:15:00Z.' })
  .refine(inOurTime, NOT_OURS);
export const dateSchema = z.iso.date('A date is written 2026-05-31.').refine(inOurTime, NOT_OURS);
/** The name of a time zone that this machine knows. */
export const zoneSchema = z.string().max(60).refine(isZone, {
  error: 'This is no time zone. Write it as Region/City, e.g. Atlantic/Faroe.',
});

function isZone(zone: string): boolean {
  try {
    checkedZone(zone);
    return true;
  } catch {
    return false;
  }
}
/** A name on a label or a page: one line. */
export const nameSchema = z.string().max(200, 'At most 200 characters.');
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
