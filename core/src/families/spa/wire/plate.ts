import { z } from 'zod';

/** What stands on the plate of a pack; null where it was not read. */
export const spaPlateSchema = z
  .object({
    family: z.literal('spa'),
    /** greatest current of the whole pack, on each phase */
    current_A: z.number().positive().max(200).nullable(),
    volts_V: z.number().positive().max(1000).nullable(),
    heater_W: z.number().positive().max(60_000).nullable(),
  })
  .strict();
export type SpaPlate = z.infer<typeof spaPlateSchema>;
