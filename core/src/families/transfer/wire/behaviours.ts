import { z } from 'zod';
import { controllerShape } from '../../../profile';
import { afterSchema } from '../../parts/behaviours';
import { CONTROLS } from './duty';

/** What a controller that empties a vessel does by itself: not set, but planned and proved against. */
export const transferBehavioursSchema = z
  .object({
    family: z.literal('transfer'),
    ...controllerShape,
    controls: z.array(z.enum(CONTROLS)).min(1, 'It has one way at least.'),
    /** its guided set-up drops what was entered when one goes back in it */
    backDrops: z.boolean(),
    /** until its charge is gone after it was switched off, min; null where its plate does not say */
    discharge_min: z.number().positive().max(120).nullable(),
    /** over what time it reckons the mean inflow, where that cannot be set, min */
    averages_min: z.number().positive().max(120).nullable(),
    afterPowerCut: afterSchema,
  })
  .strict();
export type TransferBehaviours = z.infer<typeof transferBehavioursSchema>;
