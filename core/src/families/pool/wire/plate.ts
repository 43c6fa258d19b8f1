import { z } from 'zod';

/** What was read from this pump's own plate. */
export const poolPlateSchema = z
  .object({
    family: z.literal('pool'),
    /** full speed of the motor, rev/min; null when it could not be read */
    greatest_rpm: z.number().positive().nullable(),
    /** greatest power taken, W */
    rated_W: z.number().positive().nullable(),
    /** the kind of pump, as the plate and the controller's list of kinds name it */
    kind: z.string().max(80).nullable(),
  })
  .strict();
export type PoolPlate = z.infer<typeof poolPlateSchema>;
