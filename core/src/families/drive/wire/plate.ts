import { z } from 'zod';

/** What stands on the plate of a drive's motor; null where it was not read. */
export const drivePlateSchema = z
  .object({
    family: z.literal('drive'),
    rated_W: z.number().positive().max(500_000).nullable(),
    current_A: z.number().positive().max(2000).nullable(),
    speed_rpm: z.number().positive().max(20_000).nullable(),
    volts_V: z.number().positive().max(1000).nullable(),
  })
  .strict();
export type DrivePlate = z.infer<typeof drivePlateSchema>;
