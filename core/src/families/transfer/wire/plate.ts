import { z } from 'zod';

/** What stands on the plate of the motor; null where it was not read. */
export const transferPlateSchema = z
  .object({
    family: z.literal('transfer'),
    rated_W: z.number().positive().max(100_000).nullable(),
    current_A: z.number().positive().max(500).nullable(),
    speed_rpm: z.number().positive().max(20_000).nullable(),
    volts_V: z.number().positive().max(1000).nullable(),
  })
  .strict();
export type TransferPlate = z.infer<typeof transferPlateSchema>;
