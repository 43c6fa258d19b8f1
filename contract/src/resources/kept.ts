import { dutyProductSchema } from '@barythm/core/families/metering';
import { z } from 'zod';
import { dateSchema } from '../job';

/** A product as it is made and kept in the library; what a plan took from it stays with the plan. */
export const keptProductSchema = dutyProductSchema
  .omit({ productId: true })
  .extend({ note: z.string().max(1000, 'At most 1000 characters.') })
  .strict();
export type KeptProductBody = z.infer<typeof keptProductSchema>;

/** What an instrument is for: only one that fits is offered where something is read. */
export const MEASURES = { current: 'a current', volume: 'a volume' } as const;

/** An instrument as it is made and kept in the library. */
export const keptInstrumentSchema = z
  .object({
    name: z.string().trim().min(1, 'Enter what it is called.').max(80, 'At most 80 characters.'),
    serial: z
      .string()
      .trim()
      .min(1, 'Enter its serial: papers print it with each reading.')
      .max(80, 'At most 80 characters.'),
    calibratedOn: z.string('Enter when it was calibrated, from its certificate.').pipe(dateSchema),
    /** null where nobody said it: offered everywhere */
    measures: z.enum(['current', 'volume']).nullable(),
  })
  .strict();
export type KeptInstrumentBody = z.infer<typeof keptInstrumentSchema>;
