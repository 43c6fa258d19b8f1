import { z } from 'zod';
import { SHARING } from '../../../hydraulics';
import { afterSchema, protocolsSchema } from '../../parts/behaviours';
import { controllerShape } from '../../../profile';
import { HOLDS } from './duty';

/** What a drive's controller does by itself: not set, but planned and proved against. */
export const driveBehavioursSchema = z
  .object({
    family: z.literal('drive'),
    ...controllerShape,
    /** what it can hold */
    holds: z.array(z.enum(HOLDS)).min(1, 'It holds one thing at least.'),
    /** its guided set-up asks for the plant or for the motor first, and *back* drops what was entered; null without one */
    guided: z.enum(['plant', 'motor']).nullable(),
    /** units that it can command, with itself */
    units: z.int().min(1).max(6),
    /** ways of sharing a draw that it has; none where it has one pump */
    sharing: z.array(z.enum(SHARING)).max(2),
    /** it stops for no demand below a frequency */
    stopsByFrequency: z.boolean(),
    /** it has a test of its own with the discharge shut */
    closedValveTest: z.boolean(),
    /** what it does when its sensor fails */
    sensorFails: z.enum(['stop', 'full-speed', 'unknown']),
    /** what the others do when the lead fails */
    leadFails: z.enum(['next-leads', 'all-stop', 'unknown']),
    /** its set value can be turned on keys at its front until they are locked */
    frontKeys: z.boolean(),
    /** how often it tries again after running dry, s; null where it does not */
    retryAfter_s: z.number().positive().max(86_400).nullable(),
    /** until its charge is gone after it was switched off, min; null where its plate does not say */
    discharge_min: z.number().positive().max(120).nullable(),
    protocols: protocolsSchema,
    afterPowerCut: afterSchema,
    afterFault: afterSchema,
  })
  .strict();
export type DriveBehaviours = z.infer<typeof driveBehavioursSchema>;
