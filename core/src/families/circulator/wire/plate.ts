import { z } from 'zod';

/** What stands on a circulator's plate; null where it was not read. */
export const circulatorPlateSchema = z
  .object({
    family: z.literal('circulator'),
    rated_W: z.number().positive().max(50_000).nullable(),
    /** least pressure at its inlet for water as warm as this system's */
    inlet_bar: z.number().min(-1).max(100).nullable(),
  })
  .strict();
export type CirculatorPlate = z.infer<typeof circulatorPlateSchema>;
