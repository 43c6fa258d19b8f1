import { z } from 'zod';
import { MOST } from './bounds';
import { keyStepSchema } from './parameter';

/** What a page of the display tells, or a key does, beside its settings. */
export const PAGE_WORDS = {
  clock: 'the clock',
  faults: 'the list of last faults',
  counters: 'counters and running hours',
  version: 'version and serial number',
  prime: 'priming',
  direction: 'the direction of rotation',
} as const;
export type PageOf = keyof typeof PAGE_WORDS;

/** The way to a page that is looked at, or to what is done by a key, from the home display. */
export const pageSchema = z
  .object({
    of: z.enum(Object.keys(PAGE_WORDS) as [PageOf, ...PageOf[]]),
    route: z.array(keyStepSchema).min(1).max(MOST.steps),
  })
  .strict();
export type Page = z.infer<typeof pageSchema>;
